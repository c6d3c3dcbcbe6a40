<?php

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 720,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'zwindle_session',
    'path' => '/',
    'domain' => null,
    // A workshop network is plain HTTP; behind TLS set SESSION_SECURE_COOKIE=true.
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];

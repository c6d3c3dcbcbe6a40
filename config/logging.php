<?php

use App\Care\PlainLines;

return [
    'default' => env('LOG_CHANNEL', 'lines'),
    'channels' => [
        // A line of JSON for each thing that went wrong, without anything personal in it.
        'lines' => [
            'driver' => 'daily',
            'path' => storage_path('logs/zwindle.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 30,
            'permission' => 0640,
            'formatter' => PlainLines::class,
        ],
    ],
];

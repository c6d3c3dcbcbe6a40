<?php

return [
    'name' => 'Zwindle',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://localhost'),
    'timezone' => 'UTC',
    // A language is a folder of files: `lang/en`, with what a region says otherwise below it.
    'locale' => env('APP_LOCALE', 'en'),
    'languages' => env('ZWINDLE_LANG', base_path('lang')),
    // Where the front end was built to, below public/.
    'build' => env('ZWINDLE_BUILD', 'build'),
    'fallback_locale' => env('APP_LOCALE', 'en'),
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],
    // Where copies of the database are put.
    'backups' => env('BACKUP_DIRECTORY', storage_path('backups')),
    // Made-up people with a password that everybody knows: `bin/demo` says so.
    'demo' => (bool) env('ZWINDLE_DEMO', false),
    // Addresses of proxies that may say where a request came from and whether it was HTTPS; nobody else is believed.
    'trusted_proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_PROXIES', ''))))),
    // Seconds for which a browser is to come by HTTPS alone; none where HTTPS is not here to stay.
    'hsts_seconds' => (int) env('HSTS_SECONDS', 0),
    // How long a wrong name or password is looked at, in milliseconds: longer than the slowest check of a password takes.
    'sign_in_ms' => (int) env('SIGN_IN_MS', 500),
    // What goes by itself, and when; 0: never. Marks, judgements and the record stay in any case.
    'keep' => [
        'trials_days' => (int) env('KEEP_TRIALS_DAYS', 30),
        'photographs_days' => (int) env('KEEP_PHOTOGRAPHS_DAYS', 400),
        'people_years' => (int) env('KEEP_PEOPLE_YEARS', 0),
    ],
    'maintenance' => ['driver' => 'file'],
];

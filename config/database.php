<?php

return [
    'default' => env('DB_CONNECTION', 'sqlite'),

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('zwindle.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10000,
            'journal_mode' => 'WAL',
            // Workshop power fails: a step that was answered must be on the disk.
            'synchronous' => 'FULL',
            'transaction_mode' => 'IMMEDIATE',
        ],
        // For a college that outgrows one machine: docs/postgresql.md.
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'zwindle'),
            'username' => env('DB_USERNAME', 'zwindle'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => env('DB_SSLMODE', 'prefer'),
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];

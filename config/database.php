<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'url' => env('DB_URL'),
            'database' => env('DB_DATABASE', storage_path('app/database.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Several web workers and the queue write to one file.
            'busy_timeout' => 10000,
            'journal_mode' => 'WAL',
            // What is acknowledged is on the disk.
            'synchronous' => 'FULL',
        ],
    ],
];

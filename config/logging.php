<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        // Kept for two weeks, readable by the service alone.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/daybright.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/daybright.log')],
    ],
];

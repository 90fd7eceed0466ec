<?php

declare(strict_types=1);

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => env('FILES_PATH', storage_path('app/private')),
            // Files leave only through controllers that check who asks.
            'serve' => false,
            'throw' => true,
        ],
    ],
];

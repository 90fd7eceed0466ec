<?php

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'null' => ['driver' => 'null'],
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => env('DB_QUEUE_CONNECTION'),
            'table' => 'jobs',
            'queue' => 'default',
            // Longer than the longest job, so that a video is never made twice at once.
            'retry_after' => 4000,
            'after_commit' => true,
        ],
    ],
    'batching' => ['database' => env('DB_CONNECTION', 'sqlite'), 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => env('DB_CONNECTION', 'sqlite'), 'table' => 'failed_jobs'],
];

<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'clocked',
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => 30,
            // Jobs are written in the transaction that decides on them, so that both stand or neither does.
            'after_commit' => false,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];

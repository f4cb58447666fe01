<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            // "jobs" are the jobs of electricians here.
            'table' => 'queued_work',
            'queue' => 'default',
            // The work of a worker that was killed is taken up again after this many seconds.
            'retry_after' => 15,
            'after_commit' => true,
        ],
    ],
    // What failed is said by the run itself.
    'failed' => ['driver' => 'null'],
];

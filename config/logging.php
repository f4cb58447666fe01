<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'single'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'single' => ['driver' => 'single', 'path' => storage_path('logs/app.log'), 'level' => env('LOG_LEVEL', 'info')],
        'mail' => ['driver' => 'single', 'path' => storage_path('logs/mail.log'), 'level' => 'debug'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];

<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\NullHandler;

// What root writes at the command line must not keep the app's own user from its log.
$who = PHP_SAPI === 'cli' && posix_geteuid() === 0 ? 'root' : 'app';

return [
    'default' => env('LOG_CHANNEL', 'lines'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        // A line of JSON for each, a file for each day.
        'lines' => [
            'driver' => 'daily', 'path' => storage_path("logs/$who.log"), 'level' => env('LOG_LEVEL', 'info'), 'days' => 30,
            'permission' => 0600,
            'formatter' => JsonFormatter::class, 'formatter_with' => ['includeStacktraces' => true],
        ],
        'mail' => ['driver' => 'single', 'path' => storage_path('logs/mail.log'), 'level' => 'debug'],
        'null' => ['driver' => 'monolog', 'handler' => NullHandler::class],
    ],
];

<?php

declare(strict_types=1);

/*
 * Outgoing mail is a stand-in: every message goes to storage/logs/mail.log. A real mail
 * server takes its place by setting MAIL_MAILER and the framework's own smtp settings.
 */
return [
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'log' => ['transport' => 'log', 'channel' => 'mail'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'underpin@shop.example'), 'name' => 'Underpin'],
];

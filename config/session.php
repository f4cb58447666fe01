<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 600, // a working day: gloves and a dark garage are no place to sign in again
    'expire_on_close' => false,
    'encrypt' => true,
    'files' => env('SESSION_FILES', storage_path('framework/sessions')),
    'lottery' => [2, 100],
    'cookie' => 'underpin_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false), // true behind https; loopback is plain http
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];

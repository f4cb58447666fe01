<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 600, // a working day: gloves and a dark garage are no place to sign in again
    'expire_on_close' => false,
    'encrypt' => true,
    // A list that its owner sees, and can end; rows are sealed.
    'table' => 'sessions',
    'connection' => null,
    'lottery' => [2, 100],
    'cookie' => 'underpin_session',
    'path' => '/',
    'domain' => null,
    // By the address that people use; loopback is plain http.
    'secure' => (bool) env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https://')),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];

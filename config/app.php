<?php

declare(strict_types=1);

$list = fn (string $setting): array => array_values(array_filter(array_map(trim(...), explode(',', (string) env($setting, '')))));

return [
    'name' => 'Underpin',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8470'),
    // With https in front: who may say for whom it asks, and by which other names the app is asked.
    'trusted_proxies' => $list('TRUSTED_PROXIES'),
    'trusted_hosts' => $list('TRUSTED_HOSTS'),
    // What the printing of papers puts aside.
    'print_folder' => storage_path((string) env('PRINT_FOLDER', 'framework/cache')),
    'timezone' => env('APP_TIMEZONE', 'America/New_York'),
    'locale' => 'en',
    'fallback_locale' => 'en',
    'faker_locale' => 'en_US',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],
    'maintenance' => ['driver' => 'file'],
];

<?php

declare(strict_types=1);

/*
 * Laravel 12 relies on symfony/polyfill-php85 for these four functions. That
 * package is not available where this project is built, so the few lines it would
 * bring stand here. Delete this file (and the "replace" entry in composer.json)
 * once the package can be installed, or PHP 8.5 is the minimum.
 */

if (! function_exists('array_first')) {
    /** @param  array<mixed>  $array */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /** @param  array<mixed>  $array */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (! function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $handler;
    }
}

if (! function_exists('get_exception_handler')) {
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(static function (Throwable $e): void {
        });
        restore_exception_handler();

        return $handler;
    }
}

<?php

declare(strict_types=1);

// Read by php-fpm once, when it starts: a change to a job asks some two hundred small classes of the
// core, and each would be looked up anew at every request.
$core = dirname(__DIR__).'/core/';
spl_autoload_register(function (string $class) use ($core): void {
    if (str_starts_with($class, 'Underpin\\')) {
        require_once $core.str_replace('\\', '/', substr($class, strlen('Underpin\\'))).'.php';
    }
});
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($core, FilesystemIterator::SKIP_DOTS)) as $file) {
    if ($file->getExtension() === 'php') {
        require_once $file->getPathname();
    }
}

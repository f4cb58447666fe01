<?php

declare(strict_types=1);

namespace Tests\Support;

/** A disk on which a file can be begun, and no byte gets there. Registered as a stream wrapper. */
final class FullDisk
{
    /** @var mixed */
    public $context;

    /** @var array<string, true> files that were begun and are still there */
    public static array $left = [];

    private string $path = '';

    public function stream_open(string $path): bool
    {
        self::$left[$this->path = $path] = true;

        return true;
    }

    public function stream_write(string $bytes): int
    {
        return 0;
    }

    public function stream_flush(): bool
    {
        return true;
    }

    public function stream_close(): void
    {
    }

    public function unlink(string $path): bool
    {
        unset(self::$left[$path]);

        return true;
    }

    public function mkdir(): bool
    {
        return true;
    }

    /** @return array<string, int> of a folder, whatever is asked for */
    public function url_stat(): array
    {
        return ['mode' => 040700];
    }
}

<?php

declare(strict_types=1);

namespace App\Files;

use RuntimeException;

/** A file did not get onto the disk: it is full, or cannot be written. Nothing of it stands as kept. */
final class NotKept extends RuntimeException
{
    public static function at(string $path): self
    {
        $free = @disk_free_space(dirname($path));

        return new self($free !== false && $free < 1_000_000
            ? 'the disk of the server is full'
            : 'the server cannot write to its disk');
    }
}

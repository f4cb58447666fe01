<?php

declare(strict_types=1);

namespace App\Files;

/**
 * Writes a file so that it is there as a whole or not at all: beside its place, down to the disk, and only
 * then under its name.
 */
final class DurableFile
{
    /**
     * @param  string  $path  where it is to be; its folder is made
     *
     * @throws NotKept when it did not get there
     */
    public static function write(string $path, string $bytes): void
    {
        $beside = self::beside($path);
        $handle = @fopen($beside, 'xb');
        if ($handle === false) {
            throw NotKept::at($path);
        }
        $isWritten = @fwrite($handle, $bytes) === strlen($bytes) && @fflush($handle) && @fsync($handle);
        self::finish($handle, $isWritten, $beside, $path);
    }

    /**
     * @param  string  $from  a file that is there
     * @param  string  $path  where a copy of it is to be
     *
     * @throws NotKept when it did not get there
     */
    public static function copy(string $from, string $path): void
    {
        $beside = self::beside($path);
        $source = @fopen($from, 'rb');
        $handle = @fopen($beside, 'xb');
        if ($source === false || $handle === false) {
            throw NotKept::at($path);
        }
        $isWritten = @stream_copy_to_stream($source, $handle) === filesize($from) && @fflush($handle) && @fsync($handle);
        fclose($source);
        self::finish($handle, $isWritten, $beside, $path);
    }

    private static function beside(string $path): string
    {
        $folder = dirname($path);
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
            throw NotKept::at($path);
        }

        return $path.'.'.bin2hex(random_bytes(6)).'.part';
    }

    /** @param  resource  $handle */
    private static function finish($handle, bool $isWritten, string $beside, string $path): void
    {
        $isClosed = @fclose($handle);
        if (! $isWritten || ! $isClosed || ! @chmod($beside, 0600) || ! @rename($beside, $path)) {
            @unlink($beside);
            throw NotKept::at($path);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/**
 * Contents that are too large for rows and events, each in a file that is named by the hash of what
 * is in it. Rows and events name them; what nothing names any more is swept away.
 */
final class FileStore
{
    /** A file that was just written may not be named yet. */
    private const YOUNG_S = 3600;

    /**
     * @return string the hash to find it by
     *
     * @throws NotKept when it did not get to the disk; what lies there by halves does not count
     */
    public static function put(string $bytes): string
    {
        $hash = hash('sha256', $bytes);
        $path = self::fullPath($hash);
        if (! is_file($path) || filesize($path) !== strlen($bytes)) {
            DurableFile::write($path, $bytes);
        }

        return $hash;
    }

    public static function has(string $hash): bool
    {
        return preg_match('/^[0-9a-f]{64}$/', $hash) === 1 && self::disk()->exists(self::path($hash));
    }

    public static function get(string $hash): string
    {
        return self::has($hash) ? (string) self::disk()->get(self::path($hash)) : throw new RuntimeException("There is no file $hash.");
    }

    /** Where it lies, for an answer that sends it as it is. */
    public static function fullPath(string $hash): string
    {
        return self::disk()->path(self::path($hash));
    }

    /** @return int how many files were taken away */
    public static function sweep(): int
    {
        $swept = 0;
        foreach (self::disk()->allFiles('files') as $path) {
            $hash = basename($path);
            if (self::disk()->lastModified($path) < time() - self::YOUNG_S && ! self::isNamed($hash)) {
                self::disk()->delete($path);
                $swept++;
            }
        }

        return $swept;
    }

    private static function isNamed(string $hash): bool
    {
        return DB::table('photos')->where('hash', $hash)->orWhere('small_hash', $hash)->exists()
            || DB::table('interval_records')->where('hash', $hash)->exists()
            || DB::table('job_events')->where('changes', 'like', "%$hash%")->exists();
    }

    private static function path(string $hash): string
    {
        return 'files/'.substr($hash, 0, 2)."/$hash";
    }

    private static function disk(): Filesystem
    {
        return Storage::disk('local');
    }
}

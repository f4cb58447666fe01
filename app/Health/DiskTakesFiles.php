<?php

declare(strict_types=1);

namespace App\Health;

use App\Files\DurableFile;
use Illuminate\Support\Facades\Storage;

/** Tried, not asked: a folder can be full, read-only or somebody else's. */
final class DiskTakesFiles implements Check
{
    private const LEAST_FREE_BYTES = 200_000_000;

    public function name(): string
    {
        return 'disk';
    }

    public function result(): string
    {
        $probe = Storage::disk('local')->path('health/probe-'.bin2hex(random_bytes(6)));
        DurableFile::write($probe, 'probe');
        unlink($probe);

        return disk_free_space(dirname($probe)) < self::LEAST_FREE_BYTES ? 'nearly full' : 'ok';
    }
}

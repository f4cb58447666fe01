<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\Run;
use Illuminate\Support\Facades\Storage;
use Underpin\Refused;

/** A file that was sent to be read, and lies on the disk until its run is over. */
final class SentFile
{
    /** @throws Refused on "file" when it is gone */
    public static function path(Run $run): string
    {
        $disk = Storage::disk('local');
        if (! $disk->exists($run->input['path'])) {
            throw new Refused('file', 'The file is not here any more. Choose it again.');
        }

        return $disk->path($run->input['path']);
    }

    public static function tidy(Run $run): void
    {
        Storage::disk('local')->delete($run->input['path']);
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\PrintedCard;
use App\Files\FileStore;
use App\Models\Job;
use App\Models\Run;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

/** Takes away what nothing names any more. */
final class Sweep extends Command
{
    /** An upload may wait this long for another try; a long card that was laid out is shown this long. */
    private const UPLOADS_S = 86_400;

    /** Runs that came to their end are shown this long. */
    private const RUNS_DAYS = 30;

    protected $signature = 'underpin:sweep';

    protected $description = 'Take away jobs removed long ago, files that no job and no history names, old uploads, prints and runs';

    public function handle(): int
    {
        // First the jobs: what only they named is swept with the files.
        $old = Job::onlyTrashed()->where('deleted_at', '<', now()->subDays(Job::KEPT_DAYS))->get();
        $old->each(fn (Job $job): ?bool => $job->forceDelete());
        $files = FileStore::sweep();
        $disk = Storage::disk('local');
        $uploads = array_filter(
            [...$disk->files('uploads'), ...$disk->files(PrintedCard::FOLDER)],
            fn (string $path): bool => $disk->lastModified($path) < time() - self::UPLOADS_S,
        );
        $disk->delete(array_values($uploads));
        Run::query()->where('updated_at', '<', now()->subDays(self::RUNS_DAYS))->delete();
        $this->info(sprintf(
            '%d removed jobs, %d files and %d uploads and prints were taken away.', $old->count(), $files, count($uploads),
        ));

        return 0;
    }
}

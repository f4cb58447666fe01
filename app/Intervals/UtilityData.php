<?php

declare(strict_types=1);

namespace App\Intervals;

use App\Files\FileStore;
use App\JobFile\EditedJob;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Str;
use Underpin\Measure\Interval\LoadYear;
use Underpin\Refused;

/** What was read from a utility's file becomes the one such record of a job, and its peak the job's. */
final class UtilityData
{
    /**
     * @param  ?string  $seen  key of the data that its page showed; empty: none; null: nobody looked
     *
     * @throws Refused when somebody else has brought in other data since
     */
    public static function attach(Job $job, User $user, string $file, LoadYear $year, ?string $seen = null): EditedJob
    {
        // The file comes first: a row never points at nothing.
        $record = [
            'id' => Str::lower(Str::random(10)), 'file' => $file, 'added_at' => now()->format('Y-m-d H:i:s'),
            'hash' => FileStore::put(json_encode($year->toArray(), JSON_THROW_ON_ERROR)),
        ];

        $edit = function (JobState $state) use ($record, $year, $file, $seen): JobState {
            $there = $state->attachments->intervals[0] ?? null;
            if ($seen !== null && $there !== null && $there['id'] !== $seen) {
                throw new Refused('file', 'Somebody else has brought in data in the meantime. Look at it; to have '
                    ."$file in its place, choose it again.");
            }

            return $state->withAttachments($state->attachments->withIntervals($record))
                ->withJob($state->job->with($state->job->basis->with(recorded: $year->recorded($file))));
        };

        return JobEditor::attach($job, $user, "Utility data from $file", $edit);
    }
}

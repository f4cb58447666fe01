<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Models\Job;
use App\Models\Recording;
use App\Models\Run;
use App\Models\User;
use App\Runs\RunProgress;
use App\Runs\SentFile;
use App\Runs\Task;
use Illuminate\Support\Facades\DB;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\OtherMark;
use Underpin\Measure\ServiceLimit;

/** Makes a recording of a file of readings that was sent. Input: where it lies, what it is called, its decimal mark where it was said. */
final class ReadReadings implements Task
{
    private const USUAL_INLET_A = 30;

    public function key(): string
    {
        return 'readings';
    }

    /** It rests on the file alone. */
    public function reads(): array
    {
        return [];
    }

    public function run(Run $run, RunProgress $progress): string
    {
        $job = $run->onJob();
        $user = $run->byUser();
        $path = SentFile::path($run);
        $mark = self::lookedThrough($job, $path, DecimalMark::tryFrom($run->input['decimal']), $progress);
        [$row, $read] = self::bringIn($job, $user, $run->input['name'], $path, $mark);
        $run->update(['input' => [...$run->input, 'recording' => $row->key]]);

        return number_format($read->count).' readings brought in'.($read->hasCommas ? ', with a decimal comma' : '');
    }

    public function page(Run $run): string
    {
        $recording = $run->input['recording'] ?? null;

        return $recording === null
            ? route('jobs.recordings', $run->job_id)
            : route('jobs.recordings.show', [$run->job_id, $recording]);
    }

    public function tidy(Run $run): void
    {
        SentFile::tidy($run);
    }

    /**
     * Once before anything is kept: it can be stopped here, and what is wrong in it is said. While it is kept, in one
     * transaction, nobody could ask it to stop.
     *
     * @return ?DecimalMark the mark to read it with
     */
    private static function lookedThrough(Job $job, string $path, ?DecimalMark $mark, RunProgress $progress): ?DecimalMark
    {
        $count = 0;
        $tell = function (array $readings) use (&$count, $progress): void {
            $count += count($readings);
            $progress->tell('Reading: '.number_format($count).' values', null);
        };
        try {
            ReadingsFile::read($path, $tell, new ServiceLimit($job->service_a), $mark);

            return $mark;
        } catch (OtherMark $other) {
            return $other->mark;
        }
    }

    /** @return array{Recording, ReadingsFile} */
    private static function bringIn(Job $job, User $user, string $name, string $path, ?DecimalMark $mark): array
    {
        return DB::transaction(function () use ($job, $user, $name, $path, $mark): array {
            $row = NewRecording::of($job, $user, $name, self::USUAL_INLET_A, 0.0, true);
            $read = ReadingsFile::read(
                $path, fn (array $readings) => RecordingRows::keep($row, $readings), new ServiceLimit($job->service_a), $mark,
            );
            foreach ($read->marks as $each) {
                RecordingRows::mark($row, $each);
            }

            return [$row, $read];
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Intervals;

use App\Models\Run;
use App\Runs\RunProgress;
use App\Runs\SentFile;
use App\Runs\Task;
use Underpin\Csv\DecimalMark;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\ServiceLimit;

/**
 * Reads a utility's file that was sent. Input: where it lies, what it is called, the meter's zone, its decimal mark
 * where it was said, and which data its page showed.
 */
final class ReadUtilityData implements Task
{
    public function key(): string
    {
        return 'utility_data';
    }

    /** It rests on the file alone. */
    public function reads(): array
    {
        return [];
    }

    public function run(Run $run, RunProgress $progress): string
    {
        $job = $run->onJob();
        $year = IntervalFile::read(
            SentFile::path($run), Zone::from($run->input['zone']),
            fn (int $count, ?float $share) => $progress->tell('Reading: '.number_format($count).' values', $share),
            new ServiceLimit($job->service_a), DecimalMark::tryFrom($run->input['decimal'] ?? ''),
        );
        UtilityData::attach($job, $run->byUser(), $run->input['file'], $year, $run->input['seen'] ?? null);

        return number_format($year->count).' readings brought in';
    }

    public function page(Run $run): string
    {
        return route('jobs.intervals', $run->job_id);
    }

    public function tidy(Run $run): void
    {
        SentFile::tidy($run);
    }
}

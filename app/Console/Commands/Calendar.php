<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\CalendarFile;
use App\Documents\JobCalendar;
use Illuminate\Console\Command;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Refused;

/** The dates of a job file, without a database. */
final class Calendar extends Command
{
    use ReadsJobFile;

    protected $signature = 'underpin:calendar {file : a job file in JSON} {--today= : the day to count from, as YYYY-MM-DD}';

    protected $description = 'Print the dates that follow from a job file, as iCalendar';

    public function handle(): int
    {
        $job = $this->job();
        if ($job === null) {
            return 2;
        }
        $today = $this->option('today');
        $today = is_string($today) ? $today : '';
        try {
            fwrite(
                STDOUT,
                CalendarFile::of(
                    JobCalendar::dates($job, new PriceBook, $today), $job->name, "$job->name {$job->customer->address}", $today,
                ),
            );
        } catch (Refused $refused) {
            $this->refuse([$refused]);

            return 2;
        }

        return 0;
    }
}

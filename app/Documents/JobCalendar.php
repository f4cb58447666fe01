<?php

declare(strict_types=1);

namespace App\Documents;

use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Keep\JobDate;
use Underpin\Keep\JobDates;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Schedule\Schedule;
use Underpin\Schedule\ScheduleDates;

/** All the days of a job: those on the way to the work, and those of the years after. */
final class JobCalendar
{
    /**
     * @param  string  $today  YYYY-MM-DD
     * @return list<JobDate>
     *
     * @throws \Underpin\Refused on "today" when there is no such day
     */
    public static function dates(Job $job, PriceBook $book, string $today): array
    {
        $design = new Design($job);

        return [...ScheduleDates::of(Schedule::of($design, $book, $today)), ...JobDates::of($design, $today)];
    }
}

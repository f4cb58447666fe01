<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Design\Design;
use Underpin\Refused;

/** The days of a job that are known: what is served when, by its log, else from the hand-over (from today while there is none). */
final class JobDates
{
    /**
     * @param  string  $today  YYYY-MM-DD; a day before it is no date any more, unless it was kept in the log and is overdue
     * @return list<JobDate> the soonest first; empty: no machine is picked
     *
     * @throws Refused on "today" when there is no such day
     */
    public static function of(Design $design, string $today): array
    {
        MonthsLater::of($today, 0);
        $care = new Care($design, $today);
        $dates = [];
        foreach ($care->items() as $item) {
            $on = $item->dueOn;
            // Handed over years ago, and nothing was ever noted of it: the next one from today.
            for ($n = 2; $on !== null && $on < $today && $item->lastOn === '' && $item->everyMonths !== null; $n++) {
                $on = MonthsLater::of($care->begun, $n * $item->everyMonths);
            }
            if ($on !== null) {
                $dates[] = new JobDate($item->key, $item->of === 'fuel' ? $item->title : "$item->title: $item->of", $on,
                    $item->everyMonths, $item->why);
            }
        }
        usort($dates, fn (JobDate $a, JobDate $b): int => [$a->on, $a->key] <=> [$b->on, $b->key]);

        return $dates;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Schedule;

use Underpin\Keep\JobDate;
use Underpin\Measure\Interval\CivilDay;

/** What of a schedule belongs in a calendar: by when to ask and to order, and the days of the work. */
final class ScheduleDates
{
    /** @return list<JobDate> the soonest first; what is done, and what has no day, is not in it */
    public static function of(Schedule $schedule): array
    {
        $dates = [];
        foreach ($schedule->steps as $planned) {
            $isBegun = $planned->step->begunOn !== '';
            $day = match (true) {
                $planned->isBehind => $planned->step->isRequired ? $schedule->today : null,
                $isBegun => $planned->end,
                default => $planned->latest ?? $planned->start,
            };
            if (! $planned->isDone() && $day !== null) {
                $dates[] = new JobDate(
                    "step-{$planned->step->key}", $isBegun ? "{$planned->step->done}?" : $planned->step->ask, CivilDay::iso($day), null,
                    self::why($planned, $isBegun),
                );
            }
        }
        usort($dates, fn (JobDate $a, JobDate $b): int => [$a->on, $a->key] <=> [$b->on, $b->key]);

        return $dates;
    }

    private static function why(Planned $planned, bool $isBegun): string
    {
        return match (true) {
            $planned->isBehind => 'Not noted, though what waits for it is done: note its day, or ask now.',
            $planned->decides => 'It decides the day.',
            $isBegun => 'Asked or ordered on '.$planned->step->begunOn.'.',
            $planned->latest !== null => 'The last day, so that the agreed day of the work stands.',
            default => 'The soonest day.',
        };
    }
}

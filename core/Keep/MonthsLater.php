<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Measure\Interval\CivilDay;
use Underpin\Refused;

/** A day so many months after another, on a day that every month has. */
final class MonthsLater
{
    /** No day of a month that some month does not have. */
    private const LAST_DAY = 28;

    /**
     * @param  string  $from  YYYY-MM-DD
     *
     * @throws Refused on "today" when there is no such day
     */
    public static function of(string $from, int $months): string
    {
        $number = CivilDay::read($from)
            ?? throw new Refused('today', "today must be a day that exists, as YYYY-MM-DD; \"$from\" was given.");
        [$year, $month, $day] = CivilDay::parts($number);

        return CivilDay::iso(CivilDay::number(
            $year + intdiv($month - 1 + $months, 12), ($month - 1 + $months) % 12 + 1, min($day, self::LAST_DAY),
        ) ?? 0);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Limit;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Refused;

/**
 * How fast the hour meter of a machine runs, and what it must show today. Good practice: the rate of the last year where readings
 * lie at least four weeks apart, else that of the exercise alone.
 */
final readonly class RunHours
{
    /** Days that the readings of the rate go back at most. */
    private const BACK_DAYS = 365;

    /** Days that they lie apart at least. */
    private const APART_DAYS = 28;

    private const LAST_YEAR = 9999;

    /** More days than there are until then. */
    private const MOST_DAYS = 4e6;

    private function __construct(public float $ratePerDay, public float $now, private int $today, private ?HourReading $latest)
    {
    }

    /**
     * @param  list<HourReading>  $readings  dates rising, hours not falling
     * @param  string  $today  YYYY-MM-DD
     * @param  float  $exerciseMin  minutes a week
     *
     * @throws Refused on "today", and on "readings.2.date" or "readings.2.hours" by its place
     */
    public static function of(array $readings, string $today, float $exerciseMin): self
    {
        $day = self::day($today, 'today');
        $days = [];
        foreach ($readings as $i => $reading) {
            $days[$i] = self::day($reading->date, "readings.$i.date");
            if ($days[$i] > $day || ($i > 0 && $days[$i] <= $days[$i - 1])) {
                throw new Refused("readings.$i.date", $days[$i] > $day
                    ? "readings.$i.date must not lie after today, $today; \"$reading->date\" was given."
                    : "readings.$i.date must lie after the one before; \"$reading->date\" was given.");
            }
            if ($i > 0 && $reading->hours < $readings[$i - 1]->hours) {
                throw new Refused(
                    "readings.$i.hours", "readings.$i.hours must not be less than the one before, {$readings[$i - 1]->hours}; "
                        ."$reading->hours was given.",
                );
            }
        }
        $last = count($readings) - 1;
        if ($last < 0) {
            return new self($exerciseMin / 60 / 7, 0.0, $day, null);
        }
        $first = $last;
        while ($first > 0 && $days[$last] - $days[$first - 1] <= self::BACK_DAYS) {
            $first--;
        }
        $apart = $days[$last] - $days[$first];
        $rate = $apart >= self::APART_DAYS ? ($readings[$last]->hours - $readings[$first]->hours) / $apart : $exerciseMin / 60 / 7;

        return new self($rate, $readings[$last]->hours + $rate * ($day - $days[$last]), $day, $readings[$last]);
    }

    /**
     * The sooner of hours and days, hours when both fall on the same moment.
     *
     * @param  string  $at  where it stands, for a refusal: "items.1."
     *
     * @throws Refused on "last_date" when it lies after today, on "last_h" when it lies above the latest reading
     */
    public function due(ServiceItem $item, string $at = ''): ServiceDue
    {
        if ($item->lastDate !== null && self::day($item->lastDate, "{$at}last_date") > $this->today) {
            throw new Refused("{$at}last_date", "{$at}last_date must not lie after today; \"$item->lastDate\" was given.");
        }
        if ($item->lastH !== null && $this->latest !== null && Limit::over($item->lastH, $this->latest->hours)) {
            throw new Refused("{$at}last_h", "{$at}last_h must not lie above the latest reading, {$this->latest->hours}; $item->lastH "
                .'was given.');
        }
        $left = $item->everyH === null || $item->lastH === null ? null : $item->lastH + $item->everyH - $this->now;
        $byHours = match (true) {
            $left === null => null,
            $this->ratePerDay > 0.0 => $left / $this->ratePerDay,
            Limit::within($left, 0.0) => 0.0,
            default => null,
        };
        $byDays = $item->everyDays === null || $item->lastDate === null ? null
            : self::day($item->lastDate, "{$at}last_date") + $item->everyDays - $this->today;
        $isByHours = $byHours !== null && ($byDays === null || Limit::within($byHours, $byDays));
        $in = $isByHours ? $byHours : $byDays;

        return new ServiceDue(
            $item->id, $in, $in === null ? null : $this->on($in), $in === null ? null : ($isByHours ? 'hours' : 'days'), $left,
        );
    }

    private function on(float $inDays): ?string
    {
        if (abs($inDays) > self::MOST_DAYS) {
            return null;
        }
        $day = $this->today + (int) floor($inDays);
        $year = CivilDay::parts($day)[0];

        return $year < 1 || $year > self::LAST_YEAR ? null : CivilDay::iso($day);
    }

    /** Hours of the latest reading; null: there is none. */
    public function latest(): ?float
    {
        return $this->latest?->hours;
    }

    private static function day(string $date, string $field): int
    {
        return CivilDay::ofAnyYear($date) ?? throw new Refused($field, "$field must be a day that exists, as YYYY-MM-DD; \"$date\" was "
            .'given.');
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

/** Adds up values in the order of time: hours, weeks, gaps and the highest quarter hour. */
final class YearTally
{
    private const MOST_GAPS = 50;

    private const QUARTER_S = 900;

    private int $offset = 0;

    private int $offsetUntil = PHP_INT_MIN;

    private int $end = 0;

    private int $first = 0;

    private int $count = 0;

    private int $missing = 0;

    private float $peak = -INF;

    private int $peakAt = 0;

    /** @var array<int, array<int, ?int>> by day, 24 hours */
    private array $days = [];

    /** @var array<int, float> Wh by week, counted from Monday, 29 December 1969 */
    private array $weeks = [];

    /** @var list<Gap> */
    private array $gaps = [];

    private int $gapCount = 0;

    private int $hour = -1;

    private float $hourSum = 0.0;

    private int $hourCount = 0;

    private int $negatives = 0;

    /** @var list<float> the last values without a gap, for a quarter hour of shorter intervals */
    private array $recent = [];

    private readonly int $perQuarter;

    public function __construct(private readonly Zone $zone, private readonly int $seconds)
    {
        $this->perQuarter = max(1, intdiv(self::QUARTER_S, $seconds));
    }

    public function add(int $start, float $watts): void
    {
        if ($start >= $this->offsetUntil) {
            $this->closeHour();
            [$this->offset, $this->offsetUntil] = $this->zone->offsetAt($start);
        }
        if ($this->count === 0) {
            $this->first = $start;
        } elseif ($start > $this->end) {
            $this->gap($start);
        }
        $this->count++;
        $this->end = $start + $this->seconds;
        if ($watts < 0) {
            $this->negatives++;
        }
        $hour = intdiv($start + $this->offset, 3600);
        if ($hour !== $this->hour) {
            $this->closeHour();
            $this->hour = $hour;
        }
        $this->hourSum += $watts;
        $this->hourCount++;
        if ($this->perQuarter > 1) {
            $this->recent[] = $watts;
            if (count($this->recent) > $this->perQuarter) {
                array_shift($this->recent);
            }
            if (count($this->recent) < $this->perQuarter) {
                return;
            }
            $watts = array_sum($this->recent) / $this->perQuarter;
            $start = $this->end - $this->perQuarter * $this->seconds;
        }
        if ($watts > $this->peak) {
            $this->peak = $watts;
            $this->peakAt = $start;
        }
    }

    /** @param  list<string>  $notes */
    public function year(int $doubles, int $contradictions, int $blanks, int $daylightDoubles, bool $isVa, array $notes): LoadYear
    {
        $this->closeHour();
        arsort($this->weeks);
        $weeks = [];
        foreach (array_slice($this->weeks, 0, 5, true) as $week => $wh) {
            $weeks[] = new Week(CivilDay::iso($week * 7 - 3), $wh / 1000);
        }
        ksort($this->days);

        return new LoadYear(
            $this->zone, $this->seconds, $this->first, $this->end, $this->count, $this->missing, $doubles, $contradictions, $blanks,
            $daylightDoubles,
            $this->negatives, max(0.0, $this->peak), $this->peakAt, array_sum($this->weeks) / 1000, $isVa, $this->days, $weeks,
            $this->gaps, $this->gapCount, $notes,
        );
    }

    private function gap(int $start): void
    {
        $missing = (int) round(($start - $this->end) / $this->seconds);
        $this->missing += $missing;
        $this->gapCount++;
        $this->recent = [];
        if (count($this->gaps) < self::MOST_GAPS) {
            $this->gaps[] = new Gap($this->end, $missing);
        }
    }

    private function closeHour(): void
    {
        if ($this->hourCount === 0) {
            return;
        }
        $day = intdiv($this->hour, 24);
        $this->days[$day] ??= array_fill(0, 24, null);
        $mean = (int) round($this->hourSum / $this->hourCount);
        $at = $this->hour % 24;
        // The hour that stands twice when clocks go back shows the higher of the two.
        $this->days[$day][$at] = max($mean, $this->days[$day][$at] ?? PHP_INT_MIN);
        $week = intdiv($day + 3, 7);
        $this->weeks[$week] = ($this->weeks[$week] ?? 0.0) + $this->hourSum * $this->seconds / 3600;
        $this->hourSum = 0.0;
        $this->hourCount = 0;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Job\RecordedPeak;
use Underpin\Measure\ServiceLimit;
use Underpin\Refused;

/**
 * Collects the values of a file as they come, a few bytes each, and makes the year's picture of
 * them in one pass.
 */
final class IntervalSeries
{
    public const MOST_READINGS = 700_000;

    /** @var list<int> seconds since 1970 UTC */
    private array $starts = [];

    /** @var list<float> */
    private array $values = [];

    private int $blanks = 0;

    private int $daylightDoubles = 0;

    /** @var list<string> */
    private array $notes = [];

    private float $highest = 0.0;

    /** where the highest stands in the file */
    private int $highestLine = 0;

    /** @param  int  $line  of the file; 0: it has none */
    public function add(int $start, float $value, int $line = 0): void
    {
        $this->starts[] = $start;
        $this->values[] = $value;
        if ($value > $this->highest || -$value > $this->highest) {
            $this->highest = abs($value);
            $this->highestLine = $line;
        }
    }

    /** A row without a value. */
    public function blank(): void
    {
        $this->blanks++;
    }

    /** A value that belongs to the second of the two hours when clocks go back. */
    public function secondOfTheHour(): void
    {
        $this->daylightDoubles++;
    }

    /** What a person should know of how the file was read. */
    public function note(string $sentence): void
    {
        $this->notes[] = $sentence;
    }

    public function count(): int
    {
        return count($this->starts);
    }

    /**
     * @param  ?int  $seconds  length of each interval; null: as most of them follow each other
     * @param  float  $scale  Wh, W, VAh or VA in one unit of the values
     * @param  bool  $isEnergy  values are energy over the interval, not mean power
     * @param  bool  $isVa  values are apparent power or energy
     *
     * @throws Refused on "file" when no picture can be made of it, or a value is more than the service can pass
     */
    public function picture(
        Zone $zone, ?int $seconds, float $scale, bool $isEnergy, bool $isVa = false, ServiceLimit $limit = new ServiceLimit,
    ): LoadYear {
        if (count($this->starts) < 2) {
            throw new Refused('file', 'The file holds no series of readings: fewer than two values were found.');
        }
        $this->sort();
        $seconds ??= $this->usualStep();
        if (! in_array($seconds, RecordedPeak::INTERVALS_S, true)) {
            throw new Refused(
                'file',
                sprintf(
                    'The values stand for %s each; 5, 10, 15, 30 or 60 minutes can be read.',
                    $seconds % 60 === 0 ? ($seconds / 60).' minutes' : "$seconds seconds",
                ),
            );
        }
        $factor = $isEnergy ? $scale * 3600 / $seconds : $scale;
        if ($this->highest * $factor > $limit->lastingVa()) {
            throw $this->tooMuch($this->highest * $factor, $isVa ? 'VA' : 'W', $limit);
        }
        $tally = new YearTally($zone, $seconds);
        $doubles = $contradictions = 0;
        $last = count($this->starts) - 1;
        for ($i = 0; $i <= $last; $i++) {
            $start = $this->starts[$i];
            $value = $this->values[$i];
            while ($i < $last && $seconds > $this->starts[$i + 1] - $start) {
                $i++;
                $doubles++;
                if ($this->values[$i] !== $value) {
                    $contradictions++;
                    $value = max($value, $this->values[$i]);
                }
            }
            $tally->add($start, $value * $factor);
        }

        return $tally->year($doubles, $contradictions, $this->blanks, $this->daylightDoubles, $isVa, $this->notes);
    }

    private function tooMuch(float $most, string $unit, ServiceLimit $limit): Refused
    {
        $where = $this->highestLine === 0 ? 'The highest value is' : 'Line '.number_format($this->highestLine).' says';

        return new Refused('file', sprintf(
            '%s a mean of %s %s, more than %s can pass (%s %s for a while). Look at the unit and at the decimal mark. Nothing was kept.',
            $where, number_format($most), $unit, $limit->said(), number_format($limit->lastingVa()), $unit,
        ));
    }

    private function sort(): void
    {
        $before = PHP_INT_MIN;
        foreach ($this->starts as $start) {
            if ($start < $before) {
                array_multisort($this->starts, SORT_NUMERIC, $this->values);

                return;
            }
            $before = $start;
        }
    }

    private function usualStep(): int
    {
        $steps = [];
        for ($i = 1, $most = min(count($this->starts), 3000); $i < $most; $i++) {
            $step = $this->starts[$i] - $this->starts[$i - 1];
            $steps[$step] = ($steps[$step] ?? 0) + 1;
        }
        unset($steps[0]);
        arsort($steps);

        return (int) (array_key_first($steps) ?? 0);
    }
}

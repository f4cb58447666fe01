<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Csv\DecimalMark;
use Underpin\Csv\MixedMarks;
use Underpin\Csv\NumberColumn;
use Underpin\Csv\OtherMark;
use Underpin\Measure\ServiceLimit;
use Underpin\Refused;

/**
 * Reads a table of interval readings row by row: a head that names the columns, then start and
 * end, start and duration, or starts alone; local time or time with its distance from UTC.
 */
final class TableReader
{
    /** Utilities put names and addresses above the table. */
    private const HEAD_WITHIN = 60;

    private ?TableColumns $columns = null;

    private ?float $scale = null;

    private bool $isEnergy = true;

    private bool $isVa = false;

    private string $lastDate = "\0";

    private int $day = 0;

    private int $midnight = 0;

    private bool $changes = false;

    /** @var array<int, true> seconds of this day that were there, on the day that clocks go back */
    private array $seen = [];

    private readonly ClockTimes $times;

    private readonly IntervalLength $length;

    private int $width = 0;

    /** characters of the shortest last cell of all lines but the last */
    private int $shortestBefore = PHP_INT_MAX;

    private int $lastLength = PHP_INT_MAX;

    private int $lastWidth = 0;

    public function __construct(
        private readonly Zone $zone,
        private readonly IntervalSeries $series,
        private readonly NumberColumn $numbers = new NumberColumn(','),
        private readonly ServiceLimit $limit = new ServiceLimit,
    ) {
        $this->times = new ClockTimes;
        $this->length = new IntervalLength;
    }

    /**
     * @param  list<string>  $cells
     *
     * @throws Refused on "file", naming the line
     * @throws OtherMark when all has to be read again, with another decimal mark
     */
    public function row(int $line, array $cells): void
    {
        $columns = $this->columns;
        if ($columns === null) {
            $this->head($line, $cells);

            return;
        }
        $value = $cells[$columns->value] ?? '';
        $stamp = $cells[$columns->start] ?? '';
        if ($stamp === '' && $value === '') {
            return;
        }
        if (! isset($cells[$columns->value])) {
            throw LineFault::of($line, 'breaks off: it has '.count($cells).' cells, the head has '.$this->width);
        }
        if ($columns->date !== null) {
            $date = $cells[$columns->date] ?? '';
            $time = $stamp;
        } else {
            $cut = strcspn($stamp, ' T');
            $date = substr($stamp, 0, $cut);
            $time = substr($stamp, $cut + 1);
        }
        if ($date !== $this->lastDate) {
            $this->newDay($line, $date);
        }
        $at = $this->times->secondsOf($line, $time);
        if ($columns->end !== null) {
            $end = $cells[$columns->end] ?? '';
            $endTime = $columns->date === null || strlen($end) > 11 ? substr($end, strcspn($end, ' T') + 1) : $end;
            if (! $this->length->knows("$time|$endTime")) {
                $this->length->between($line, $at, $this->times->secondsOf($line, $endTime), "$time|$endTime");
            }
        } elseif ($columns->duration !== null && ! $this->length->knows($cells[$columns->duration] ?? '')) {
            $this->length->said($line, $cells[$columns->duration] ?? '');
        }
        if ($this->lastLength < $this->shortestBefore) {
            $this->shortestBefore = $this->lastLength;
        }
        $this->lastLength = strlen($cells[$this->width - 1] ?? '');
        $this->lastWidth = count($cells);
        if ($value === '') {
            $this->series->blank();

            return;
        }
        $number = $this->number($line, $value);
        if ($number > 1e9 || $number < -1e9) {
            throw LineFault::of($line, 'the value is absurd, over 1e9');
        }
        if ($this->scale === null) {
            $this->unit($line, $cells);
        }
        $epoch = match (true) {
            $this->times->areAbsolute() === true => $this->day * 86_400 + $at,
            $this->changes => $this->onDayOfChange($at),
            default => $this->midnight + $at,
        };
        $this->series->add($epoch, $number, $line);
    }

    private function number(int $line, string $text): float
    {
        try {
            return $this->numbers->read($text) ?? throw LineFault::of($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no number');
        } catch (MixedMarks $mixed) {
            throw LineFault::of($line, $mixed->getMessage());
        }
    }

    /**
     * The file has ended.
     *
     * @param  bool  $whole  its last line ends with a line end
     *
     * @throws Refused on "file"
     */
    public function finish(int $line, bool $whole): LoadYear
    {
        if ($this->columns === null) {
            throw new Refused(
                'file', 'No head was found that names a time and a value, such as "Start, End, kWh" or "Date, Time, Usage (kWh)".',
            );
        }
        // The last value of a file that was cut off may be a part of its digits.
        if (! $whole && $this->series->count() > 2 && ($this->lastLength < $this->shortestBefore || $this->lastWidth < $this->width)) {
            throw LineFault::of($line, 'breaks off: it has no end, and less in it than every other line');
        }
        if ($this->numbers->doubt() !== null) {
            throw new Refused(
                'file', NumberColumn::question($this->numbers->doubt()).'. Say which under "Decimal mark". Nothing was kept.',
            );
        }
        if ($this->numbers->mark() === DecimalMark::Comma) {
            $this->series->note('Its values were read with a decimal comma.');
        }
        if (! $this->columns->unitKnown && $this->columns->unit === null) {
            $this->series->note('The file names no unit: its values were read as kWh.');
        }
        if ($this->columns->left !== '') {
            $this->series->note("Not used: {$this->columns->left}.");
        }

        return $this->series->picture(
            $this->zone, $this->length->seconds(), $this->scale ?? 1000.0, $this->isEnergy, $this->isVa, $this->limit,
        );
    }

    /** @param  list<string>  $cells */
    private function head(int $line, array $cells): void
    {
        $this->columns = TableColumns::of($cells);
        $this->width = count($cells);
        if ($this->columns === null) {
            if ($line > self::HEAD_WITHIN) {
                throw new Refused(
                    'file',
                    sprintf(
                        'No head was found in the first %d lines that names a time and a value, such as "Start, End, kWh" '
                            .'or "Date, Time, Usage (kWh)".',
                        self::HEAD_WITHIN,
                    ),
                );
            }

            return;
        }
        $this->isEnergy = $this->columns->isEnergy;
        $this->isVa = $this->columns->isVa;
    }

    /** @param  list<string>  $cells of the first row with a value */
    private function unit(int $line, array $cells): void
    {
        $columns = $this->columns;
        $this->scale = $columns->scale ?? 1000.0;
        if ($columns?->unit !== null) {
            $text = mb_strtolower(trim($cells[$columns->unit] ?? ''));
            [$this->scale, $this->isEnergy, $this->isVa] = TableColumns::unitIn($text)
                ?? throw LineFault::of(
                    $line, 'the unit "'.mb_substr(mb_scrub($text), 0, 20).'" is none of kWh, Wh, kW, W, kVAh, kVA, VAh, VA',
                );
        }
        if ($this->columns?->date !== null) {
            // Where the date stands alone, a time without its distance from UTC is local.
            $this->times->areLocal();
        }
    }

    private function newDay(int $line, string $date): void
    {
        $this->day = CivilDay::inFile($date)
            ?? throw LineFault::of($line, '"'.mb_substr(mb_scrub($date), 0, 40).'" is no date; write 2026-03-31 or 3/31/2026');
        $this->lastDate = $date;
        $this->midnight = $this->zone->midnight($this->day);
        $this->changes = $this->zone->midnight($this->day + 1) - $this->midnight !== 86_400;
        $this->seen = [];
    }

    /** Clocks go forward or back today: an hour is missing, or stands twice. */
    private function onDayOfChange(int $at): int
    {
        $plain = $this->day * 86_400 + $at;
        $standard = $plain - $this->zone->standardS();
        $daylight = $standard - 3600;
        // In the hour that stands twice both readings are true; daylight-saving time comes first.
        $isDaylight = $this->zone->offsetAt($daylight)[0] !== $this->zone->standardS();
        $isStandard = $this->zone->offsetAt($standard)[0] === $this->zone->standardS();
        if ($isDaylight && $isStandard) {
            if (isset($this->seen[$at])) {
                $this->series->secondOfTheHour();

                return $standard;
            }
            $this->seen[$at] = true;

            return $daylight;
        }

        return $isDaylight ? $daylight : $standard;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Csv\DecimalMark;
use Underpin\Csv\MixedMarks;
use Underpin\Csv\Number;
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

    private const MOST_TIME = 40;

    /** different times that are remembered; a day has fewer quarter hours, a hostile file may have more */
    private const MOST_TIMES = 20_000;

    private ?TableColumns $columns = null;

    private ?float $scale = null;

    private bool $isEnergy = true;

    private bool $isVa = false;

    private ?int $seconds = null;

    private string $lastDate = "\0";

    private int $day = 0;

    private int $midnight = 0;

    private bool $changes = false;

    /** @var array<string, int> seconds of the day by the text of the time */
    private array $times = [];

    /** @var array<string, true> pairs of times that were found to be as long as the rest */
    private array $lengths = [];

    /** times say how far they are from UTC; null: not seen yet */
    private ?bool $absolute = null;

    /** @var array<int, true> seconds of this day that were there, on the day that clocks go back */
    private array $seen = [];

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
            throw $this->refused($line, 'breaks off: it has '.count($cells).' cells, the head has '.$this->width);
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
        $at = $this->times[$time] ?? $this->time($line, $time);
        if ($columns->end !== null) {
            $end = $cells[$columns->end] ?? '';
            $endTime = $columns->date === null || strlen($end) > 11 ? substr($end, strcspn($end, ' T') + 1) : $end;
            if (! isset($this->lengths["$time|$endTime"])) {
                $this->length($line, $at, $this->times[$endTime] ?? $this->time($line, $endTime), "$time|$endTime");
            }
        } elseif ($columns->duration !== null && ($this->seconds === null || ! isset($this->lengths[$cells[$columns->duration] ?? '']))) {
            $this->duration($line, $cells[$columns->duration] ?? '');
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
            throw $this->refused($line, 'the value is absurd, over 1e9');
        }
        if ($this->scale === null) {
            $this->unit($line, $cells);
        }
        $epoch = match (true) {
            $this->absolute => $this->day * 86_400 + $at,
            $this->changes => $this->onDayOfChange($at),
            default => $this->midnight + $at,
        };
        $this->series->add($epoch, $number, $line);
    }

    private function number(int $line, string $text): float
    {
        try {
            return $this->numbers->read($text) ?? throw $this->refused($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no number');
        } catch (MixedMarks $mixed) {
            throw $this->refused($line, $mixed->getMessage());
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
            throw $this->refused($line, 'breaks off: it has no end, and less in it than every other line');
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

        return $this->series->picture($this->zone, $this->seconds, $this->scale ?? 1000.0, $this->isEnergy, $this->isVa, $this->limit);
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
                ?? throw $this->refused(
                    $line, 'the unit "'.mb_substr(mb_scrub($text), 0, 20).'" is none of kWh, Wh, kW, W, kVAh, kVA, VAh, VA',
                );
        }
        if ($this->columns?->date !== null) {
            // Where the date stands alone, a time without its distance from UTC is local.
            $this->absolute ??= false;
        }
    }

    private function newDay(int $line, string $date): void
    {
        $this->day = $this->dayOf($date)
            ?? throw $this->refused($line, '"'.mb_substr(mb_scrub($date), 0, 40).'" is no date; write 2026-03-31 or 3/31/2026');
        $this->lastDate = $date;
        $this->midnight = $this->zone->midnight($this->day);
        $this->changes = $this->zone->midnight($this->day + 1) - $this->midnight !== 86_400;
        $this->seen = [];
    }

    private function dayOf(string $date): ?int
    {
        $date = trim($date, " \t\"'");
        if (preg_match('/^(\d{4})[-\/.](\d{1,2})[-\/.](\d{1,2})$/', $date, $found) === 1) {
            return CivilDay::number((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match('/^(\d{4})(\d\d)(\d\d)$/', $date, $found) === 1) {
            return CivilDay::number((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match('/^(\d{1,2})[\/-](\d{1,2})[\/-](\d{2}|\d{4})$/', $date, $found) === 1) {
            return CivilDay::number((int) $found[3] + (strlen($found[3]) === 2 ? 2000 : 0), (int) $found[1], (int) $found[2]);
        }

        return null;
    }

    /** Seconds of the day of a time as it stands in the file; less its distance from UTC where it says one. */
    private function time(int $line, string $text): int
    {
        if (strlen($text) > self::MOST_TIME) {
            throw $this->refused($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no time');
        }
        if (preg_match(
            '/^\s*(\d{1,2})(?::?(\d\d))?(?::(\d\d)(?:\.\d+)?)?\s*(?:([ap])\.?m\.?)?\s*(Z|UTC|GMT|[+\-]\d\d:?\d\d)?\s*"?$/i', $text, $found,
        ) !== 1
            && trim($text) !== '') {
            throw $this->refused($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no time; write 18:15 or 6:15 PM');
        }
        $hour = (int) ($found[1] ?? 0);
        $half = strtolower($found[4] ?? '');
        if ($half !== '') {
            $hour = $hour % 12 + ($half === 'p' ? 12 : 0);
        }
        $minute = (int) ($found[2] ?? 0);
        $second = (int) ($found[3] ?? 0);
        if ($hour > 24 || $minute > 59 || $second > 59) {
            throw $this->refused($line, '"'.mb_substr($text, 0, 40).'" is no time of day');
        }
        $zone = strtoupper($found[5] ?? '');
        $absolute = $zone !== '';
        if ($this->absolute !== null && $this->absolute !== $absolute) {
            throw $this->refused($line, 'some times say how far they are from UTC and others do not');
        }
        $this->absolute = $absolute;
        $seconds = $hour * 3600 + $minute * 60 + $second;
        if ($absolute && preg_match('/^([+\-])(\d\d):?(\d\d)$/', $zone, $away) === 1) {
            $seconds -= ($away[1] === '-' ? -1 : 1) * ((int) $away[2] * 3600 + (int) $away[3] * 60);
        }

        if (count($this->times) > self::MOST_TIMES) {
            $this->times = $this->lengths = [];
        }

        return $this->times[$text] = $seconds;
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

    private function length(int $line, int $from, int $to, string $pair): void
    {
        $seconds = ($to - $from + 2 * 86_400) % 86_400;
        // Some meters end an interval one minute or second before the next begins.
        $seconds = match ($seconds % 300) {
            299 => $seconds + 1,
            240 => $seconds + 60,
            default => $seconds,
        };
        if ($seconds === 0 && $this->seconds !== null) {
            $seconds = $this->seconds;
        }
        $this->sameLength($line, $seconds);
        $this->lengths[$pair] = true;
    }

    private function duration(int $line, string $text): void
    {
        $number = Number::read((string) preg_replace('/\s*[a-z]+\.?\s*$/i', '', $text));
        if (preg_match('/^(\d{1,2}):(\d\d)(?::(\d\d))?$/', trim($text), $found) === 1) {
            $seconds = (int) $found[1] * 3600 + (int) $found[2] * 60 + (int) ($found[3] ?? 0);
        } elseif ($number !== null) {
            // Up to an hour in minutes; a longer figure is seconds, as is one that says so.
            $seconds = (int) ($number > 60
                || preg_match('/\ds|sec/i', $text) === 1
                    ? $number
                    : (preg_match('/h/i', $text) === 1 || $number <= 1 ? $number * 3600 : $number * 60));
        } else {
            throw $this->refused($line, '"'.mb_substr(mb_scrub($text), 0, 40).'" is no duration; write 15 or 00:15');
        }
        $this->sameLength($line, $seconds);
        $this->lengths[$text] = true;
    }

    private function sameLength(int $line, int $seconds): void
    {
        if ($this->seconds !== null && $seconds !== $this->seconds) {
            // Around a change of clocks a local end can lie an hour off.
            if (! in_array(abs($seconds - $this->seconds), [3600, 82_800], true)) {
                throw $this->refused(
                    $line, sprintf('stands for %s minutes among values of %s', round($seconds / 60, 1), round($this->seconds / 60, 1)),
                );
            }

            return;
        }
        $this->seconds = $seconds;
    }

    private function refused(int $line, string $why): Refused
    {
        return new Refused('file', 'Line '.number_format($line)." $why. Nothing was kept.");
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Csv\CsvText;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\MixedMarks;
use Underpin\Csv\Number;
use Underpin\Csv\NumberColumn;
use Underpin\Csv\OtherMark;
use Underpin\Refused;

/**
 * Readings of two clamps as a table: a head that names a time and both legs, then a row for each
 * moment. Time is seconds since the beginning, or hours, minutes and seconds.
 */
final class ReadingsTable
{
    /** A day at ten a second. */
    public const MOST_READINGS = 864_001;

    /** A recording lasts a day at most. */
    public const LONGEST_MS = 86_400_000;

    private ?int $time = null;

    private int $a = 0;

    private int $b = 0;

    private ?int $mark = null;

    private bool $isMs = false;

    private bool $isTimeOfDay = false;

    private ?int $first = null;

    private int $last = -1;

    /** milliseconds that were added to times of day since they began anew at midnight */
    private int $midnights = 0;

    private int $count = 0;

    /** @var list<Mark> */
    private array $marks = [];

    private readonly NumberColumn $times;

    private readonly NumberColumn $aAmps;

    private readonly NumberColumn $bAmps;

    /** @param  ?DecimalMark  $mark  of its numbers; null: as they show */
    public function __construct(string $delimiter = ',', ?DecimalMark $mark = null, private readonly ServiceLimit $limit = new ServiceLimit)
    {
        $this->times = new NumberColumn($delimiter, $mark);
        $this->aAmps = new NumberColumn($delimiter, $mark);
        $this->bAmps = new NumberColumn($delimiter, $mark);
    }

    /**
     * The reading that stands in a row; null for the head and what is above it.
     *
     * @param  list<string>  $cells
     *
     * @throws Refused on "file", naming the line
     * @throws OtherMark when all has to be read again, with another decimal mark
     */
    public function row(int $line, array $cells): ?Reading
    {
        if ($this->time === null) {
            $this->head($line, $cells);

            return null;
        }
        if (implode('', $cells) === '') {
            return null;
        }
        $ms = $this->ms($line, $cells[$this->time] ?? '')
            ?? throw self::refused($line, '"'.mb_substr(mb_scrub($cells[$this->time] ?? ''), 0, 40).'" is no time');
        $this->first ??= $ms;
        $ms += $this->midnights - $this->first;
        if ($this->isTimeOfDay && $this->last - $ms > self::LONGEST_MS / 2) {
            $this->midnights += self::LONGEST_MS;
            $ms += self::LONGEST_MS;
        }
        if ($ms <= $this->last) {
            throw self::refused($line, 'its time is not after that of the line before');
        }
        if ($ms > self::LONGEST_MS) {
            throw self::refused($line, 'it lies more than a day after the first');
        }
        if (++$this->count > self::MOST_READINGS) {
            throw new Refused('file', sprintf('The file holds more than %s readings.', number_format(self::MOST_READINGS)));
        }
        $this->last = $ms;
        $said = $this->mark === null ? '' : CsvText::meant(mb_scrub($cells[$this->mark] ?? ''));
        if ($said !== '') {
            $this->marks[] = new Mark($ms, mb_substr($said, 0, 100));
        }

        return new Reading(
            $ms, $this->amps($line, $cells[$this->a] ?? '', $this->aAmps, 'leg A'),
            $this->amps($line, $cells[$this->b] ?? '', $this->bAmps, 'leg B'),
        );
    }

    /**
     * @return list<Mark> in the order of time
     *
     * @throws Refused on "file" when there was no reading
     */
    public function finish(): array
    {
        if ($this->count === 0) {
            throw new Refused('file', $this->time === null
                ? 'No head was found that names a time and two legs, such as "Time (s), Leg A (A), Leg B (A)".'
                : 'The file holds no readings.');
        }

        foreach ([$this->times, $this->aAmps, $this->bAmps] as $column) {
            if ($column->doubt() !== null) {
                throw new Refused('file', NumberColumn::question($column->doubt()).'. Say which under "Decimal mark". Nothing was kept.');
            }
        }

        return $this->marks;
    }

    /** Whether a figure was read with a decimal comma. */
    public function hasCommas(): bool
    {
        return in_array(DecimalMark::Comma, [$this->times->mark(), $this->aAmps->mark(), $this->bAmps->mark()], true);
    }

    /**
     * As it goes out: with the marks at the first reading from their moment on.
     *
     * @param  iterable<Reading>  $readings
     * @param  list<Mark>  $marks in the order of time
     * @return iterable<string> lines
     */
    public static function lines(iterable $readings, array $marks): iterable
    {
        yield "Time (s),Leg A (A),Leg B (A),Mark\r\n";
        foreach ($readings as $reading) {
            $said = [];
            while ($marks !== [] && $marks[0]->atMs <= $reading->atMs) {
                $said[] = array_shift($marks)->said;
            }
            yield sprintf(
                "%.3f,%.3f,%.3f,%s\r\n", $reading->atMs / 1000, $reading->aAmps, $reading->bAmps, CsvText::cell(implode('; ', $said)),
            );
        }
    }

    /** @param  list<string>  $cells */
    private function head(int $line, array $cells): void
    {
        $a = $b = $time = null;
        foreach ($cells as $i => $cell) {
            $head = mb_strtolower(trim(CsvText::trimmed($cell), '" '));
            match (true) {
                preg_match('/^(leg|l|line|phase)?[\s_]*(a|1)([\s_]*\(?(a|amps?|amperes)\)?)?$/', $head) === 1 => $a ??= $i,
                preg_match('/^(leg|l|line|phase)?[\s_]*(b|2)([\s_]*\(?(a|amps?|amperes)\)?)?$/', $head) === 1 => $b ??= $i,
                preg_match('/time|second|^s$|^ms$|^t$/', $head) === 1 => [$time, $this->isMs] = [
                    $time ?? $i, preg_match('/\bms\b|_ms|milli/', $head) === 1,
                ],
                preg_match('/mark|note|event/', $head) === 1 => $this->mark = $i,
                default => null,
            };
        }
        if ($time !== null && $a !== null && $b !== null) {
            [$this->time, $this->a, $this->b] = [$time, $a, $b];
        } elseif ($line > 30) {
            throw new Refused(
                'file', 'No head was found in the first 30 lines that names a time and two legs, such as "Time (s), Leg A (A), Leg B (A)".',
            );
        }
    }

    private function ms(int $line, string $text): ?int
    {
        $text = trim($text, " \t\"'");
        if (preg_match('/(?:^|[ T])(\d{1,3}):(\d\d)(?::(\d\d(?:[.,]\d+)?))?$/', $text, $found) === 1) {
            $this->isTimeOfDay = true;

            return (int) round(1000 * ((int) $found[1] * 3600 + (int) $found[2] * 60 + (float) str_replace(',', '.', $found[3] ?? '0')));
        }
        $number = $this->number($line, $text, $this->times);

        return $number === null || abs($number) > 1e13 ? null : (int) round($this->isMs ? $number : 1000 * $number);
    }

    private function number(int $line, string $text, NumberColumn $column): ?float
    {
        try {
            return $column->read($text);
        } catch (MixedMarks $mixed) {
            throw self::refused($line, $mixed->getMessage());
        }
    }

    private function amps(int $line, string $text, NumberColumn $column, string $leg): float
    {
        $amps = $this->number($line, $text, $column);
        if ($amps === null) {
            throw self::refused(
                $line, $text === '' ? "breaks off: $leg is missing" : '"'.mb_substr(mb_scrub($text), 0, 40)."\" on $leg is no number",
            );
        }
        $other = $column->isOpen($text) ? DecimalMark::Comma->read($text) : null;
        if ($amps > $this->limit->momentaryAmps() && $other !== null && $other <= $this->limit->momentaryAmps()) {
            // Of the two that it may be, the service cannot pass the one.
            throw new OtherMark(DecimalMark::Comma);
        }
        if ($amps < 0 || $amps > $this->limit->momentaryAmps()) {
            throw self::refused($line, sprintf(
                '%s must be from 0 to %s A, what %s passes for a moment; %s A was given. Look at the decimal mark', $leg,
                number_format($this->limit->momentaryAmps()), $this->limit->said(), Number::write($amps),
            ));
        }

        return $amps;
    }

    private static function refused(int $line, string $why): Refused
    {
        return new Refused('file', 'Line '.number_format($line).": $why. Nothing was kept.");
    }
}

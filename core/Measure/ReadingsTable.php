<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Csv\CsvText;
use Underpin\Csv\Number;
use Underpin\Job\Measured;
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

    /**
     * The reading that stands in a row; null for the head and what is above it.
     *
     * @param  list<string>  $cells
     *
     * @throws Refused on "file", naming the line
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
        $ms = $this->ms($cells[$this->time] ?? '')
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

        return new Reading($ms, $this->amps($line, $cells, $this->a, 'leg A'), $this->amps($line, $cells, $this->b, 'leg B'));
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

        return $this->marks;
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
            $head = mb_strtolower(trim($cell, " \t\"\u{FEFF}"));
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

    private function ms(string $text): ?int
    {
        $text = trim($text, " \t\"'");
        if (preg_match('/(?:^|[ T])(\d{1,3}):(\d\d)(?::(\d\d(?:[.,]\d+)?))?$/', $text, $found) === 1) {
            $this->isTimeOfDay = true;

            return (int) round(1000 * ((int) $found[1] * 3600 + (int) $found[2] * 60 + (float) str_replace(',', '.', $found[3] ?? '0')));
        }
        $number = is_numeric($text) ? (float) $text : Number::read($text);

        return $number === null || abs($number) > 1e13 ? null : (int) round($this->isMs ? $number : 1000 * $number);
    }

    /** @param  list<string>  $cells */
    private function amps(int $line, array $cells, int $column, string $leg): float
    {
        $text = $cells[$column] ?? '';
        $amps = is_numeric($text) ? (float) $text : Number::read($text);
        if ($amps === null) {
            throw self::refused(
                $line, $text === '' ? "breaks off: $leg is missing" : '"'.mb_substr(mb_scrub($text), 0, 40)."\" on $leg is no number",
            );
        }
        if ($amps < 0 || $amps > Measured::MOST_A) {
            throw self::refused($line, sprintf('%s must be from 0 to %s A', $leg, number_format(Measured::MOST_A)));
        }

        return $amps;
    }

    private static function refused(int $line, string $why): Refused
    {
        return new Refused('file', 'Line '.number_format($line).": $why. Nothing was kept.");
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Csv\CsvText;

/** Which column of a table of readings says what, found by the words in its head. */
final readonly class TableColumns
{
    private function __construct(
        public ?int $date,
        public int $start,
        public ?int $end,
        public ?int $duration,
        public int $value,
        public ?int $unit,
        public float $scale,
        public bool $isEnergy,
        public bool $isVa,
        public bool $unitKnown,
        public string $left,
    ) {
    }

    /**
     * Null when these cells are no such head.
     *
     * @param  list<string>  $cells
     */
    public static function of(array $cells): ?self
    {
        $heads = array_map(fn (string $cell): string => trim(CsvText::trimmed(str_replace('_', ' ', mb_strtolower($cell))), '" '), $cells);
        $date = self::find($heads, '/^(usage |read(ing)? |interval |service |start |from )?date$|^day$/');
        $end = self::find($heads, '/\b(end|to)\b.*time|end ?time/') ?? self::find($heads, '/\b(end|to|until)\b/', [], '/date$/');
        $start = self::find($heads, '/\bstart\b|^from\b|starttime|interval begin|^begin/', [$end, $date])
            ?? self::find(
                $heads, '/date.?time|timestamp|^time$|^interval$|^hour|usage time|read(ing)? time|^period$|^date /', [$end, $date],
            )
            ?? self::find($heads, '/^(usage |read(ing)? |interval )?time/', [$end, $date]);
        $duration = self::find($heads, '/duration|interval length|^(minutes|interval minutes|interval \(min)/', [$start, $end]);
        $value = self::find(
            $heads, '/(?<!a)(kwh|kw|wh|kvah|kva|vah)\b|kilowatt|watt.?hour/', [$start, $end, $date, $duration], self::NOT_USED,
        )
            ?? self::find(
                $heads, '/usage|consumption|energy|value|delivered|import|demand|quantity|^w$|\bwatts?\b|\(w\)|\(va\)|^va$/',
                [$start, $end, $date, $duration], self::NOT_USED,
            );
        if ($start === null && $date !== null && $value !== null) {
            [$start, $date] = [$date, null];
        }
        if ($start === null || $value === null) {
            return null;
        }
        $unit = self::find($heads, '/^(units?|uom|unit of measure)$/', [$value]);
        [$scale, $isEnergy, $isVa] = self::unitIn($heads[$value]) ?? [1000.0, true, false];
        $left = [];
        foreach ($heads as $i => $head) {
            if ($i !== $value
                && preg_match('/export|generat|received|net|solar|return/', $head) === 1
                && preg_match('/kwh|kw|energy/', $head) === 1) {
                $left[] = mb_substr($cells[$i], 0, 40);
            }
        }

        return new self(
            $date, $start, $end, $duration, $value, $unit, $scale, $isEnergy, $isVa, self::unitIn($heads[$value]) !== null,
            implode(', ', $left),
        );
    }

    /**
     * What a unit stands for: its size in watts, watt-hours or the same of VA; whether it is energy; whether it is apparent.
     *
     * @return ?array{float, bool, bool}
     */
    public static function unitIn(string $text): ?array
    {
        return match (true) {
            preg_match('/\bkvah\b/', $text) === 1 => [1000.0, true, true],
            preg_match('/\bkwh\b|kilowatt.?hour/', $text) === 1 => [1000.0, true, false],
            preg_match('/\bwh\b|watt.?hour/', $text) === 1 => [1.0, true, false],
            preg_match('/\bvah\b/', $text) === 1 => [1.0, true, true],
            preg_match('/\bkva\b/', $text) === 1 => [1000.0, false, true],
            preg_match('/\bkw\b|kilowatt/', $text) === 1 => [1000.0, false, false],
            preg_match('/\bva\b/', $text) === 1 => [1.0, false, true],
            preg_match('/\bw\b|\bwatts?\b/', $text) === 1 => [1.0, false, false],
            default => null,
        };
    }

    private const NOT_USED = '/cost|price|\$|export|generat|received|\bnet\b|solar|return|temperature|estimated/';

    /**
     * @param  list<string>  $heads
     * @param  list<?int>  $taken
     */
    private static function find(array $heads, string $pattern, array $taken = [], ?string $but = null): ?int
    {
        foreach ($heads as $i => $head) {
            if (! in_array($i, $taken, true) && preg_match($pattern, $head) === 1 && ($but === null || preg_match($but, $head) !== 1)) {
                return $i;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Limit;
use Underpin\Refused;

/** NEC 2023 Table 220.55: demand of household ranges, one to five of them, with Notes 1 to 3. */
final class RangeDemand
{
    public const MOST_RANGES = 5;

    private const LARGEST_VA = 27_000.0;

    /** ratings up to which a range stands in no column */
    private const NO_COLUMN_UP_TO_VA = 1_750.0;

    private const COLUMN_A_BELOW_VA = 3_500.0;

    private const COLUMN_B_UP_TO_VA = 8_750.0;

    private const COLUMN_A_PCT = [1 => 80, 75, 70, 66, 62];

    private const COLUMN_B_PCT = [1 => 80, 65, 55, 50, 45];

    private const COLUMN_C_VA = [1 => 8_000, 11_000, 14_000, 17_000, 20_000];

    /** ratings up to which column C stands without increase */
    private const NOTE_1_OVER_VA = 12_000.0;

    private const NOTE_1_PCT_PER_KW = 5;

    /**
     * Column C for all, or each range by its own column where that gives less (Note 3). Ranges up to
     * 1.75 kW stand in no column and count by their nameplate.
     *
     * @param  list<float>  $ranges  nameplates, volt-amperes
     * @return array<string, float> demand by column, "none" for those in no column; only those that are used
     *
     * @throws Refused on "ranges_va"
     */
    public static function byColumn(array $ranges): array
    {
        self::guard($ranges);
        $small = array_filter($ranges, fn (float $va): bool => Limit::within($va, self::NO_COLUMN_UP_TO_VA));
        $large = array_diff_key($ranges, $small);
        $demand = $small === [] ? [] : ['none' => array_sum($small)];
        if ($large === []) {
            return $demand;
        }
        $each = self::eachByItsColumn($large);
        $all = self::columnC($large);

        return [...$demand, ...(array_sum($each) < $all ? $each : ['C' => $all])];
    }

    /**
     * @param  non-empty-array<float>  $ranges
     * @return array<string, float> demand by column
     */
    private static function eachByItsColumn(array $ranges): array
    {
        $a = array_filter($ranges, fn (float $va): bool => $va < self::COLUMN_A_BELOW_VA);
        $b = array_filter(array_diff_key($ranges, $a), fn (float $va): bool => Limit::within($va, self::COLUMN_B_UP_TO_VA));
        $c = array_diff_key($ranges, $a, $b);
        $demand = [];
        if ($a !== []) {
            $demand['A'] = array_sum($a) * self::COLUMN_A_PCT[count($a)] / 100;
        }
        if ($b !== []) {
            $demand['B'] = array_sum($b) * self::COLUMN_B_PCT[count($b)] / 100;
        }
        if ($c !== []) {
            $demand['C'] = self::columnC($c);
        }

        return $demand;
    }

    /** @param  non-empty-array<float>  $ranges */
    private static function columnC(array $ranges): float
    {
        return self::COLUMN_C_VA[count($ranges)] * (100.0 + self::NOTE_1_PCT_PER_KW * self::kilowattsOver($ranges)) / 100;
    }

    /** @param  list<float>  $ranges */
    public static function guard(array $ranges): void
    {
        if (count($ranges) > self::MOST_RANGES) {
            throw new Refused('ranges_va', sprintf('Ranges may be at most %d; %d were given.', self::MOST_RANGES, count($ranges)));
        }
        foreach ($ranges as $va) {
            if (Limit::over($va, self::LARGEST_VA)) {
                throw new Refused('ranges_va', 'Ranges: a household range has at most 27 kW (NEC 2023 Table 220.55).');
            }
        }
    }

    /**
     * Notes 1 and 2: kilowatts, or major parts of one, by which the average is over 12, with 12
     * for each smaller range.
     *
     * @param  non-empty-array<float>  $ranges
     */
    private static function kilowattsOver(array $ranges): int
    {
        $average = array_sum(array_map(fn (float $va): float => max($va, self::NOTE_1_OVER_VA), $ranges)) / count($ranges);

        return (int) floor(($average - self::NOTE_1_OVER_VA) / 1000 + 0.5 + Limit::SLACK);
    }
}

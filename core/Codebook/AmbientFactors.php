<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Limit;
use Underpin\Refused;

/** NEC 2023 Table 310.15(B)(1)(1): ambient temperature correction on the 30 °C base. */
final class AmbientFactors
{
    /** upper end of the band in °C => factor at 60, 75 and 90 °C insulation; null: not allowed */
    private const BANDS = [
        10 => [1.29, 1.20, 1.15],
        15 => [1.22, 1.15, 1.12],
        20 => [1.15, 1.11, 1.08],
        25 => [1.08, 1.05, 1.04],
        30 => [1.00, 1.00, 1.00],
        35 => [0.91, 0.94, 0.96],
        40 => [0.82, 0.88, 0.91],
        45 => [0.71, 0.82, 0.87],
        50 => [0.58, 0.75, 0.82],
        55 => [0.41, 0.67, 0.76],
        60 => [null, 0.58, 0.71],
        65 => [null, 0.47, 0.65],
        70 => [null, 0.33, 0.58],
        75 => [null, null, 0.50],
        80 => [null, null, 0.41],
        85 => [null, null, 0.29],
    ];

    private const COLUMN = [60 => 0, 75 => 1, 90 => 2];

    /**
     * @param  float  $ambientC  a fraction of a degree counts in the band above it
     * @param  int  $insulationC  60, 75 or 90
     *
     * @throws Refused on "ambient_c" above the column's last band
     */
    public static function factor(float $ambientC, int $insulationC): float
    {
        $column = self::COLUMN[$insulationC];
        $last = 0;
        foreach (self::BANDS as $upper => $factors) {
            $factor = $factors[$column];
            if ($factor === null) {
                break;
            }
            if (Limit::within($ambientC, $upper)) {
                return $factor;
            }
            $last = $upper;
        }

        throw new Refused(
            'ambient_c', "ambient_c: $insulationC °C insulation may be used up to $last °C ambient (NEC 2023 Table 310.15(B)(1)(1)).",
        );
    }
}

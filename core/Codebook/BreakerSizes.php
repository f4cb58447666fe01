<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Limit;

/** Standard overcurrent ratings, NEC 2023 240.6(A), and small conductors, 240.4(D). */
final class BreakerSizes
{
    /** amperes; the table's 10 A is left out: nothing here is protected below 15 A */
    public const STANDARD = [
        15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600,
        700, 800, 1000, 1200, 1600, 2000, 2500, 3000, 4000, 5000, 6000,
    ];

    /** 240.4(D): the most a small conductor may be protected at, in amperes */
    private const SMALL = [
        'cu' => ['14' => 15, '12' => 20, '10' => 30],
        'al' => ['12' => 15, '10' => 25],
    ];

    /** The next standard size at or above a current (240.4(B)). */
    public static function atOrAbove(float $amps): int
    {
        foreach (self::STANDARD as $size) {
            if (Limit::within($amps, $size)) {
                return $size;
            }
        }

        return self::STANDARD[count(self::STANDARD) - 1];
    }

    /** Null for conductors that 240.4(D) does not name. */
    public static function smallConductorLimit(Material $material, ConductorSize $size): ?int
    {
        return self::SMALL[$material->value][$size->value] ?? null;
    }
}

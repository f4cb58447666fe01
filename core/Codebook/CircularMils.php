<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Areas of conductors. NEC 2023 Chapter 9 Table 8. */
final class CircularMils
{
    private const AREAS = [
        '14' => 4110, '12' => 6530, '10' => 10_380, '8' => 16_510, '6' => 26_240, '4' => 41_740, '3' => 52_620, '2' => 66_360,
        '1' => 83_690, '1/0' => 105_600, '2/0' => 133_100, '3/0' => 167_800, '4/0' => 211_600, '250' => 250_000, '300' => 300_000,
        '350' => 350_000, '400' => 400_000, '500' => 500_000,
    ];

    public static function of(ConductorSize $size): int
    {
        return self::AREAS[$size->value];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Square inches that a THHN or THWN-2 conductor takes. NEC 2023 Chapter 9 Table 5. */
final class ThhnAreas
{
    private const IN2 = [
        '14' => 0.0097, '12' => 0.0133, '10' => 0.0211, '8' => 0.0366, '6' => 0.0507, '4' => 0.0824, '3' => 0.0973, '2' => 0.1158,
        '1' => 0.1562, '1/0' => 0.1855, '2/0' => 0.2223, '3/0' => 0.2679, '4/0' => 0.3237, '250' => 0.3970, '300' => 0.4608,
        '350' => 0.5242, '400' => 0.5863, '500' => 0.7073,
    ];

    public static function in2(ConductorSize $size): float
    {
        return self::IN2[$size->value];
    }
}

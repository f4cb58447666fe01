<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Which column of the table a termination takes. NEC 2023 110.14(C)(1). */
final class Terminals
{
    /** A circuit above this takes the 75 °C column; up to it the 60 °C column, unless the equipment is marked. Amperes. */
    public const AT_60_UP_TO_A = 100;

    public const LARGE_C = 75;

    /** What the terminals of a circuit of that many amperes are counted at, °C, where the job chose one for the smaller ones. */
    public static function countedC(int $chosenC, int $amps): int
    {
        return $amps > self::AT_60_UP_TO_A ? self::LARGE_C : $chosenC;
    }
}

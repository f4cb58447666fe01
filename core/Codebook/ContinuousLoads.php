<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Loads of three hours and more. NEC 2023 210.20(A), 215.3. */
final class ContinuousLoads
{
    /** Of a continuous load's current, what the overcurrent device ahead of it must be rated for: per cent. */
    public const PCT = 125.0;

    /** What a continuous load counts on top of its current, amperes. */
    public static function extra(float $amps): float
    {
        return $amps * (self::PCT - 100.0) / 100;
    }
}

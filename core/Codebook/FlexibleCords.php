<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Flexible cord by the outlet that it serves. NEC 2023 Table 400.5(A)(1). */
final class FlexibleCords
{
    /** amperes of the outlet => copper conductor of a hard-use cord that carries it */
    private const BY_OUTLET = [20 => ConductorSize::Awg12, 30 => ConductorSize::Awg10, 50 => ConductorSize::Awg6];

    /** The cord from a 120 V outlet to an appliance, and the amperes that it is judged at. */
    public const TO_APPLIANCE = ConductorSize::Awg12;

    public const TO_APPLIANCE_A = 15.0;

    /** Lengths that cords with their ends are commonly sold in, feet. Good practice. */
    private const SOLD_FT = [10, 15, 20, 25, 30, 40, 50, 75, 100];

    /** The shortest sold one that reaches so far, feet; beyond the longest it is made to measure. */
    public static function soldFt(float $ft): int
    {
        foreach (self::SOLD_FT as $sold) {
            if ($ft <= $sold) {
                return $sold;
            }
        }

        return (int) ceil($ft);
    }

    /** The largest one where no row is as large as the outlet. */
    public static function size(int $outletAmps): ConductorSize
    {
        return self::BY_OUTLET[$outletAmps] ?? ConductorSize::Awg6;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a machine, which is a source of ignition and draws air, keeps from gas on a site. */
final class SiteDistances
{
    /** From a meter of natural gas and its regulator: the gas utility says. Good practice. */
    public const GAS_METER_FT = 3.0;

    /** From the vent of a propane regulator. NFPA 58. */
    public const REGULATOR_VENT_FT = 5.0;

    /** From the relief valve of a propane tank: sources of ignition and air intakes. NFPA 58. */
    public const TANK_RELIEF_FT = 10.0;

    /** Propane tank above ground, from buildings and a line that may be built upon: gallons at most => feet. NFPA 58, Table 6.4.1.1. */
    private const TANK_ABOVE_FT = [124 => 0.0, 500 => 10.0, 2_000 => 25.0];

    /** A buried one of up to 2,000 gal. NFPA 58, Table 6.4.1.1. */
    private const TANK_BURIED_FT = 10.0;

    private const LARGEST_TANK_GAL = 2_000;

    /** Highest that an inlet is reached without a ladder, inches: as for the handle of a switch, NEC 2023 404.8(A). Good practice. */
    public const INLET_HIGHEST_IN = 79.0;

    /** Feet that a propane tank keeps from buildings and lines; null: larger than the table here. */
    public static function tankFt(float $gal, bool $isBuried): ?float
    {
        if ($gal > self::LARGEST_TANK_GAL) {
            return null;
        }
        foreach ($isBuried ? [] : self::TANK_ABOVE_FT as $most => $ft) {
            if ($gal <= $most) {
                return $ft;
            }
        }

        return self::TANK_BURIED_FT;
    }
}

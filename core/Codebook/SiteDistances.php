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
}

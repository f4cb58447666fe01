<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Figures of the dwelling load calculations. NEC 2023 Article 220; volt-amperes and per cent. */
final class DwellingLoads
{
    /** 220.41, for each square foot */
    public const LIGHTING_VA_PER_FT2 = 3;

    /** 220.52, for each small-appliance and laundry circuit */
    public const CIRCUIT_VA = 1500;

    /** 220.54, for each dryer, and how many at 100 % */
    public const LEAST_DRYER_VA = 5000.0;

    public const MOST_DRYERS = 4;

    /** 220.57, for each vehicle charger */
    public const LEAST_CHARGER_VA = 7200.0;

    /** 220.53: from so many appliances of so many volt-amperes and over, at so many per cent */
    public const APPLIANCES_FOR_LESS = 4;

    public const APPLIANCE_LEAST_VA = 500.0;

    public const APPLIANCES_PCT = 75;

    /** 220.60: a motor load that is not the largest of those that do not run together */
    public const SMALLER_MOTOR_PCT = 125;

    /** 430.24: of the largest motor, on top */
    public const LARGEST_MOTOR_PCT = 25;

    /** Table 220.45: how much, at how many per cent */
    public const GENERAL_LIGHTING = [[3000.0, 100], [117_000.0, 35], [INF, 25]];

    /** 220.82(B) */
    public const OPTIONAL = [[10_000.0, 100], [INF, 40]];

    /** 220.82(C): electric heating by the number of separately controlled units, and supplemental heat */
    public const HEATING_PCT = 65;

    public const HEATING_UNITS_FOR_LESS = 4;

    public const MANY_UNITS_PCT = 40;

    public const SUPPLEMENTAL_PCT = 65;

    /** 220.83 */
    public const EXISTING = [[8000.0, 100], [INF, 40]];
}

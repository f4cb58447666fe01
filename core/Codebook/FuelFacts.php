<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a fuel holds and how long it keeps. Good practice. */
final class FuelFacts
{
    public const BTU_PER_GAL_PROPANE = 91_500.0;

    public const BTU_PER_GAL_GASOLINE = 115_000.0;

    /** Days that gasoline keeps untreated, and with stabiliser. */
    public const GASOLINE_DAYS = 180;

    public const GASOLINE_TREATED_DAYS = 365;

    /** Gallons: a can that one person carries and that codes allow. */
    public const CAN_GAL = 5.0;

    /** Gallons that are usually allowed at a dwelling; some codes say 10. */
    public const USUAL_STORED_GAL = 25.0;

    /** Per cent of its water capacity that a propane tank is filled to, and below which it gives little. */
    public const TANK_FULL_PCT = 80.0;

    public const TANK_EMPTY_PCT = 20.0;

    /** How the pressure of a tank comes down to an appliance. NFPA 58; the gas supplier sizes and sets them. */
    public const PROPANE_STAGES = 'two: the first at the tank, to 10 psi at most, the second at the house or the machine, to 11 to 14 '
        .'in of '
        .'water; both for everything firing, their vents away from openings';
}

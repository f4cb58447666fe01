<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How often what keeps a machine alive comes round, months unless it says hours; its manual comes first. Good practice. */
final class ServiceDates
{
    /** A loaded test, also where a weekly exercise runs without load. */
    public const LOADED_TEST = 6;

    /** A portable is started, so that it starts in the storm. */
    public const START = 3;

    public const OIL = 12;

    /** Hours to the first oil change of a portable: 20 to 25, the sooner. */
    public const FIRST_OIL_PORTABLE_H = 20.0;

    /** Hours between those after it: 50 to 100, the sooner. */
    public const OIL_PORTABLE_H = 50.0;

    public const FIRST_OIL_STANDBY_H = 25.0;

    /** 100 to 200, the sooner. */
    public const OIL_STANDBY_H = 100.0;

    /** A transfer switch is served, by a qualified person. */
    public const TRANSFER_SWITCH = 12;

    /** The starting battery of a standby is replaced. */
    public const BATTERY = 36;

    /** Whoever may be home does the whole change-over from the card. */
    public const PRACTICE = 6;
}

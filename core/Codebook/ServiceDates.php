<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How often what keeps a machine alive comes round, months; its manual comes first. Good practice. */
final class ServiceDates
{
    /** A loaded test, also where a weekly exercise runs without load. */
    public const LOADED_TEST = 6;

    /** A portable is started, so that it starts in the storm. */
    public const START = 3;

    public const OIL = 12;

    /** A transfer switch is served, by a qualified person. */
    public const TRANSFER_SWITCH = 12;

    /** The starting battery of a standby is replaced. */
    public const BATTERY = 36;

    /** Whoever may be home does the whole change-over from the card. */
    public const PRACTICE = 6;
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What the contacts of a transfer switch may show under load. Good practice; the label of the switch comes first. */
final class ContactLimits
{
    /** times the first reading of a pole at which something is done */
    public const ACT_AT = 1.5;

    /** times the better pole that the other may have */
    public const POLES_APART = 1.5;

    /** °C between like poles from which they are watched */
    public const WATCH_C = 1.0;

    /** °C from which they are repaired */
    public const REPAIR_C = 4.0;

    /** °C over which everything goes off at once */
    public const NOW_C = 15.0;

    /** Per cent of the rating of the switch under which a reading says little. */
    public const LEAST_LOAD_PCT = 40.0;
}

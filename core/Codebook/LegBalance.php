<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How evenly the legs should be loaded. Good practice. */
final class LegBalance
{
    /** Difference of the legs, per cent of the larger one. */
    public const MOST_PCT = 30.0;

    /** Of the machine's running amperes on a leg: below this share an uneven load does no harm. */
    public const FROM_SHARE = 0.5;
}

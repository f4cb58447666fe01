<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Insulation of a new feeder, at 500 to 1,000 V. Good practice. */
final class InsulationTest
{
    /** Megohms that a new feeder shows and more. */
    public const GOOD_MOHM = 100.0;

    /** Below it nobody connects anything before the reason is found. */
    public const FIND_OUT_MOHM = 10.0;

    /** Kilohms between neutral and ground where nothing joins them. */
    public const OPEN_KOHM = 100.0;
}

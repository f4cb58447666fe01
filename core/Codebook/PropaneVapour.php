<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a propane tank above ground boils off: the usual table of suppliers. Good practice. */
final class PropaneVapour
{
    /** per cent full => K */
    public const BY_FILL = [10 => 45.0, 20 => 60.0, 30 => 70.0, 40 => 80.0, 50 => 90.0, 60 => 100.0];

    /** degrees Fahrenheit => T */
    public const BY_AIR = [-15 => 0.25, -10 => 0.50, -5 => 0.75, 0 => 1.00, 5 => 1.25, 10 => 1.50, 15 => 1.75, 20 => 2.00];

    public const LEAST_FILL_PCT = 10.0;

    public const COLDEST_F = -15.0;
}

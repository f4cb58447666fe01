<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What an engine without a turbocharger loses with height and heat, where its maker says nothing else. Good practice. */
final class EngineDerate
{
    /** per cent for each 1,000 ft above the height that its rating holds to */
    public const ALTITUDE_PCT_PER_1000_FT = 3.5;

    /** feet up to which the rating holds */
    public const ALTITUDE_FREE_FT = 0.0;

    /** per cent for each 10 °F above the temperature that its rating holds to */
    public const HEAT_PCT_PER_10_F = 1.0;

    /** °F up to which the rating holds */
    public const HEAT_FREE_F = 77.0;
}

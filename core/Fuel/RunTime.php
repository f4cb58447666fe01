<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Limit;
use Underpin\Refused;

/** How long stored fuel lasts at a load: burn is linear between no load and full load. Good practice. */
final readonly class RunTime
{
    /** @param  ?float  $hours  null: nothing burns */
    private function __construct(public float $burnPerH, public ?float $hours)
    {
    }

    /**
     * @param  float  $stored  gallons, or cubic feet
     * @param  float  $usablePct  of it, per cent
     * @param  float  $idlePerH  at no load, an hour, in the same unit
     * @param  float  $fullPerH  at full load
     *
     * @throws Refused on "rated_w" of 0, on a "load_w" over it, on "usable_pct" over 100, on "full_per_h" under "idle_per_h"
     */
    public static function of(
        float $stored, float $idlePerH, float $fullPerH, float $ratedW, float $loadW, float $usablePct = 100.0,
    ): self {
        if ($ratedW <= 0) {
            throw new Refused('rated_w', 'rated_w must be over 0.');
        }
        if (Limit::over($loadW, $ratedW)) {
            throw new Refused('load_w', "load_w must not be over the rating, $ratedW W; $loadW W was given.");
        }
        if (Limit::over($usablePct, 100.0)) {
            throw new Refused('usable_pct', "usable_pct must not be over 100; $usablePct was given.");
        }
        if (Limit::over($idlePerH, $fullPerH)) {
            throw new Refused('full_per_h', "full_per_h must not be under idle_per_h, $idlePerH; $fullPerH was given.");
        }
        $burn = $idlePerH + ($fullPerH - $idlePerH) * $loadW / $ratedW;

        return new self($burn, $burn > 0 ? $stored * $usablePct / 100 / $burn : null);
    }
}

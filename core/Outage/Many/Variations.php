<?php

declare(strict_types=1);

namespace Underpin\Outage\Many;

use Underpin\Dice;
use Underpin\Outage\Scenario;

/** Outages that are alike: the same half of the year, length and people; another hour, other days, other turns of every load. */
final class Variations
{
    public const USUAL = 1_000;

    /** @param  int  $number  from 0 */
    public static function of(Scenario $scenario, int $number): Scenario
    {
        $seed = $scenario->seed * self::USUAL + $number + 1;

        return self::seeded($scenario, $seed);
    }

    /** The one of a seed, again. */
    public static function seeded(Scenario $scenario, int $seed): Scenario
    {
        return $scenario->with(seed: $seed, startHour: floor(Dice::named($seed, 'hour')->between(0, 24)));
    }
}

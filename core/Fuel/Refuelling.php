<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Codebook\FuelFacts;

/** When a tank is filled through a day and a night, and how. Good practice. */
final class Refuelling
{
    /** Outages are noticed at supper: the clock that the hours are told from. */
    private const STARTS_AT_H = 18;

    /** @return list<string> "20:30": each stop through a day and a night, of a start at six in the evening */
    public static function clocks(FuelPlan $fuel): array
    {
        return array_map(function (float $hour): string {
            $minutes = (int) round($hour * 60);

            return sprintf('%02d:%02d', (self::STARTS_AT_H + intdiv($minutes, 60)) % 24, $minutes % 60);
        }, $fuel->refuelsAt());
    }

    /** How gasoline is filled and kept at a house. */
    public static function gasoline(): string
    {
        return 'Refuel only with the engine off and cooled for 15 to 20 minutes: turn off every breaker, then the generator breaker, stop, '
            .'cool, fill. Somebody is awake for each stop. '.(int) FuelFacts::USUAL_STORED_GAL.' gal at a dwelling is usual, some '
                .'codes say 10; '
            .'cans of at most '.(int) FuelFacts::CAN_GAL.' gal, never in a basement or a living space.';
    }
}

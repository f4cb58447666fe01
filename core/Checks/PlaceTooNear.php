<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Placement\Distance;
use Underpin\Placement\PlaceRow;
use Underpin\Placement\PlannedPlace;

/** The spot of the machine on the site plan, against everything that it keeps its distance from: the nearest of each kind speaks. */
final class PlaceTooNear implements Check
{
    public function findings(Design $design): iterable
    {
        $said = [];
        foreach ($design->places() as $place) {
            foreach ($place->telling() as $row) {
                $code = self::code($row, $place->isStandby());
                if ($row->isBroken() && ! isset($said[$code->value])) {
                    $said[$code->value] = true;
                    yield self::finding($code, $row, $place);
                }
            }
        }
    }

    private static function code(PlaceRow $row, bool $isStandby): Code
    {
        return match ($row->distance) {
            Distance::Wall => $isStandby ? Code::WallNear : Code::HouseNear,
            Distance::Opening, Distance::ExhaustOpening => Code::OpeningNear,
            Distance::Service => Code::ServiceSpace,
            Distance::Property => Code::PropertyNear,
            null => Code::GasNear,
        };
    }

    private static function finding(Code $code, PlaceRow $row, PlannedPlace $place): Finding
    {
        $ft = number_format($row->ft(), 1);
        $needed = number_format($row->neededFt, 1);
        [$why, $do] = match ($code) {
            Code::WallNear => ['A fire in its housing reaches the house.', 'Move it, or take a wall that stands an hour.'],
            Code::HouseNear => [
                'Carbon monoxide gathers at walls and finds its way in. 20 ft is a floor, not a promise.',
                'Move it out, with a longer cord, exhaust away from the house.',
            ],
            Code::OpeningNear => [
                'Exhaust is drawn in through doors, windows and vents, closed ones too.',
                'Move it, exhaust turned away; farther is better.',
            ],
            Code::ServiceSpace => [
                'Nobody can service it, or get away from it.', 'Move it, or say on which sides it is served by its label.',
            ],
            Code::PropertyNear => [
                'The neighbor, or the inspector, can have it taken away.', 'Move it, or ask the zoning office for a variance first.',
            ],
            default => ['Gas that vents there meets an engine that sparks.', 'Move it, or have the gas moved by its plumber.'],
        };

        $machine = $place->isStandby() ? 'the machine' : 'the portable machine';
        $what = ucfirst($row->what);

        return new Finding(
            $code, match (true) {
                $row->ft() > 0.0 => "$what: $ft ft from $machine; $needed ft are kept.",
                $code === Code::PropertyNear => ucfirst($machine).' stands across the property line.',
                default => "$what: $machine stands on it or in it.",
            },
            $why, $do, source: $row->source,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Geometry\Polygon;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\OpeningKind;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Plan\WallOpening;

/** As many buildings, openings and obstacles as a plan takes. */
final class CrowdedSite
{
    private const ACROSS = 6;

    public static function plan(): SitePlan
    {
        $buildings = $items = [];
        for ($i = 0; $i < SitePlan::MOST_BUILDINGS; $i++) {
            [$x, $y] = [$i % self::ACROSS * 60.0, intdiv($i, self::ACROSS) * 50.0];
            $corners = Polygon::rectangle($x, $y, 30, 24)->corners;
            $buildings[] = new PlannedBuilding("b$i", "Building $i", BuildingKind::Other, $corners, true, [
                new WallOpening("w$i", OpeningKind::Window, 1, 4, 3), new WallOpening("d$i", OpeningKind::Door, 3, 9, 4),
            ]);
        }
        for ($i = 0; $i < 20; $i++) {
            $items[] = new PlanItem("i$i", PlanItemKind::Equipment, $i * 17.0, 36.0 + $i % 4 * 50, 3, 3);
        }

        return new SitePlan($buildings, Polygon::rectangle(-40, -40, 420, 320)->corners, $items, new MachineSpot(-20, -20));
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use Underpin\Geometry\Point;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\OpeningKind;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Plan\WallOpening;

/** Where the machines of the demo stand. All invented. */
final class DemoPlans
{
    /** A portable on the ridge, its cord around the corner of the house. */
    public static function dairy(): SitePlan
    {
        return new SitePlan(
            [
                new PlannedBuilding('house', 'House and dairy', BuildingKind::House, self::box(0, 0, 46, 28), true, [
                    new WallOpening('kitchen-door', OpeningKind::Door, 1, 28, 3, 'kitchen door'),
                    new WallOpening('bedroom', OpeningKind::Bedroom, 3, 8, 4),
                    new WallOpening('milk-room', OpeningKind::Vent, 2, 18, 2, 'vent of the milk room'),
                ]),
                new PlannedBuilding(
                    'barn', 'Goat barn', BuildingKind::Other, self::points([70, 6], [112, 6], [112, 30], [94, 30], [94, 52], [70, 52]),
                    true,
                    [new WallOpening('barn-door', OpeningKind::Door, 6, 20, 10, 'barn door')],
                ),
            ],
            self::box(-40, -60, 190, 140),
            [
                new PlanItem('inlet', PlanItemKind::Inlet, 46, 3, 0.5, 0.5, heightIn: 54),
                new PlanItem('tank', PlanItemKind::Tank, 52, 60, 10, 3, 'propane tank, 250 gal'),
            ],
            new MachineSpot(50, -24, PlanSide::Bottom),
            [new Route(RouteKind::Cord, self::points([51.5, -21.5], [47.2, -1], [47.2, 3.2], [46.5, 3.2]))],
            20, PlanSide::Top,
        );
    }

    /** A yard 14 ft wide between two neighbors: one strip is left. */
    public static function rowHouse(): SitePlan
    {
        return new SitePlan(
            [
                new PlannedBuilding('house', 'Row house', BuildingKind::House, self::box(0, 0, 14, 34), false, [
                    new WallOpening('cellar-door', OpeningKind::Door, 3, 1.5, 3, 'cellar door'),
                    new WallOpening('bedroom', OpeningKind::Bedroom, 3, 8, 3),
                ]),
                new PlannedBuilding('north', 'No. 25', BuildingKind::Neighbor, self::box(-16, 0, 16, 36), false, [
                    new WallOpening('north-window', OpeningKind::Bedroom, 3, 5, 4),
                ]),
                new PlannedBuilding('south', 'No. 29', BuildingKind::Neighbor, self::box(14, 0, 16, 31), false, [
                    new WallOpening('south-door', OpeningKind::Door, 3, 9, 3),
                ]),
                new PlannedBuilding('behind', 'No. 12 behind', BuildingKind::Neighbor, self::box(-6, 116, 30, 24), true, [
                    new WallOpening('behind-window', OpeningKind::Window, 1, 12, 4),
                ]),
            ],
            self::box(0, 0, 14, 100),
            [
                new PlanItem('inlet', PlanItemKind::Inlet, 10.5, 34, 0.5, 0.5),
                new PlanItem('meter', PlanItemKind::GasMeter, 1, -1.2, 1.5, 1),
            ],
            new MachineSpot(5.6, 70, PlanSide::Top),
            [new Route(RouteKind::Cord, self::points([6.5, 70], [10.8, 36], [10.8, 34.5]))],
            270,
        );
    }

    /** A standby beyond the drifts, a buried tank on the lake side. */
    public static function lodge(): SitePlan
    {
        return new SitePlan(
            [
                new PlannedBuilding(
                    'lodge', 'Lodge', BuildingKind::House, self::points([0, 0], [80, 0], [80, 40], [50, 40], [50, 64], [0, 64]), true, [
                        new WallOpening('front-door', OpeningKind::Door, 1, 36, 6, 'front door'),
                        new WallOpening('room-4', OpeningKind::Bedroom, 2, 6, 5, 'room 4'),
                        new WallOpening('room-5', OpeningKind::Bedroom, 2, 24, 5, 'room 5'),
                        new WallOpening('kitchen-intake', OpeningKind::Intake, 4, 8, 3, 'air intake of the kitchen'),
                    ],
                ),
                new PlannedBuilding('boat-house', 'Boat house', BuildingKind::Other, self::box(96, 76, 24, 18), true, [
                    new WallOpening('boat-door', OpeningKind::Door, 3, 6, 12, 'boat door'),
                ]),
            ],
            self::box(-40, -50, 240, 190),
            [
                new PlanItem('service', PlanItemKind::Service, 18, -1, 4, 1, 'metering cabinet'),
                new PlanItem('tank', PlanItemKind::BuriedTank, 56, 84, 16, 4, 'buried tank, 1,000 gal'),
                new PlanItem('regulator', PlanItemKind::GasRegulator, 112, 22, 1, 1, 'second-stage regulator'),
            ],
            new MachineSpot(118, 8, PlanSide::Right, platformIn: 78.0, served: [PlanSide::Top, PlanSide::Bottom]),
            [
                new Route(RouteKind::Trench, self::points([119, 8], [119, -6], [20, -6], [20, -1])),
                new Route(RouteKind::Gas, self::points([64, 84], [64, 70], [112.5, 70], [112.5, 14], [118, 14])),
            ],
            0, PlanSide::Left, self::box(40, 104, 120, 30), 30, PlanSide::Top, 4,
        );
    }

    /** @return list<Point> */
    private static function box(float $x, float $y, float $w, float $d): array
    {
        return self::points([$x, $y], [$x + $w, $y], [$x + $w, $y + $d], [$x, $y + $d]);
    }

    /**
     * @param  array{float|int, float|int}  ...$corners
     * @return list<Point>
     */
    private static function points(array ...$corners): array
    {
        return array_map(fn (array $at): Point => new Point((float) $at[0], (float) $at[1]), array_values($corners));
    }
}

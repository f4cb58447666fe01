<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Polygon;

/** What stands around a machine. Null: not noted; an empty list: there is none. */
final readonly class Surroundings
{
    /**
     * @param  ?list<Building>  $buildings
     * @param  ?list<Opening>  $openings
     * @param  ?list<Obstacle>  $obstacles
     * @param  ?Polygon  $property  the lot
     */
    public function __construct(
        public ?array $buildings = null, public ?array $openings = null, public ?array $obstacles = null, public ?Polygon $property = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Polygon;

/** Something that stands in the way of whoever serves the machine. */
final readonly class Obstacle
{
    public function __construct(public string $id, public Polygon $area)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Polygon;

/** The outline of a building, and whether its walls burn. */
final readonly class Building
{
    public function __construct(public string $id, public Polygon $outline, public bool $burns)
    {
    }
}

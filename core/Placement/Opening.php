<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Segment;

/** A door, a window or a vent: as wide as its line is long. */
final readonly class Opening
{
    public function __construct(public string $id, public Segment $line)
    {
    }
}

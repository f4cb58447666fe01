<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

use Underpin\Geometry\Point;
use Underpin\Job\Part\SitePlanPart;

/** The way that a cord, a trench or a gas pipe takes, around corners. Feet. */
final readonly class Route
{
    /** @param  list<Point>  $points */
    public function __construct(public RouteKind $kind, public array $points)
    {
        SitePlanPart::route()->guard(['points' => array_map(fn (Point $p): array => [$p->x, $p->y], $points)]);
    }

    public function ft(): float
    {
        $ft = 0.0;
        foreach (array_slice($this->points, 1) as $i => $point) {
            $ft += $this->points[$i]->distanceTo($point);
        }

        return $ft;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;

/** Where no part of the machine may be: all that is nearer to an area, or to a line, than so many feet. */
final readonly class Zone
{
    /** @param  list<Segment>  $lines  the sides of the area, or the line alone */
    private function __construct(public string $id, public ?Polygon $area, public array $lines, public float $ft)
    {
    }

    public static function around(string $id, Polygon $area, float $ft): self
    {
        return new self($id, $area, $area->sides, $ft);
    }

    public static function along(string $id, Segment $line, float $ft): self
    {
        return new self($id, null, [$line], $ft);
    }

    /** @return list<self> of the property line: its band, to either side */
    public static function band(Polygon $lot, float $ft): array
    {
        return $ft > 0 ? [new self('property', null, $lot->sides, $ft)] : [];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Job\Part\SitePlanPart;

/** Something that stands on the site: lower left corner, width and depth in feet; of an inlet, how high it hangs, inches. */
final readonly class PlanItem
{
    public function __construct(
        public string $id, public PlanItemKind $kind, public float $x, public float $y, public float $w, public float $d,
        public string $name = '', public ?float $heightIn = null,
    ) {
        SitePlanPart::item()->guard(['id' => $id, 'x' => $x, 'y' => $y, 'w' => $w, 'd' => $d, 'name' => $name,
            'height_in' => $heightIn]);
    }

    public function title(): string
    {
        return $this->name === '' ? $this->kind->words() : $this->name;
    }

    public function area(): Polygon
    {
        return Polygon::rectangle($this->x, $this->y, $this->w, $this->d);
    }

    public function middle(): Point
    {
        return new Point($this->x + $this->w / 2, $this->y + $this->d / 2);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Refused;
use Underpin\Say;

/** A building on the site plan, with the openings of its walls. Feet. */
final readonly class PlannedBuilding
{
    public Polygon $outline;

    /**
     * @param  list<Point>  $corners  in order
     * @param  ?bool  $burns  its walls burn; null: not looked
     * @param  list<WallOpening>  $openings
     */
    public function __construct(
        public string $id, public string $name, public BuildingKind $kind, public array $corners, public ?bool $burns = null,
        public array $openings = [],
    ) {
        $pairs = array_map(fn (Point $p): array => [$p->x, $p->y], $corners);
        SitePlanPart::building()->guard(['id' => $id, 'name' => $name, 'corners' => $pairs]);
        $this->outline = new Polygon($corners);
        if ($this->outline->crossesItself()) {
            throw new Refused(
                'corners', "Outline: that of $name crosses itself. Give the corners in the order in which you walk round it.",
            );
        }
        foreach ($openings as $opening) {
            $this->guard($opening);
        }
    }

    /** @param  list<WallOpening>  $openings */
    public function withOpenings(array $openings): self
    {
        return new self($this->id, $this->name, $this->kind, $this->corners, $this->burns, $openings);
    }

    public function line(WallOpening $opening): Segment
    {
        $wall = $this->outline->sides[$opening->wall - 1];

        return new Segment($wall->at($opening->fromFt), $wall->at($opening->fromFt + $opening->widthFt));
    }

    private function guard(WallOpening $opening): void
    {
        $walls = count($this->outline->sides);
        if ($opening->wall > $walls) {
            throw new Refused('wall', "Wall: $this->name has walls 1 to $walls; $opening->wall was given.");
        }
        $length = $this->outline->sides[$opening->wall - 1]->length();
        if ($opening->fromFt + $opening->widthFt > $length + 1e-6) {
            throw new Refused('from_ft', sprintf(
                'From the corner: wall %d of %s is %s ft long; the %s would end at %s ft.', $opening->wall, $this->name,
                Say::figure($length), $opening->kind->words(), Say::figure($opening->fromFt + $opening->widthFt),
            ));
        }
    }
}

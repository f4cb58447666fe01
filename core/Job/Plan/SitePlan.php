<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Refused;

/** The site as it lies: outlines and what stands between them, in feet, x to the right and y up. Null: not noted. */
final readonly class SitePlan
{
    public const MOST_BUILDINGS = 30;

    public const MOST_OPENINGS = 60;

    public const MOST_ITEMS = 60;

    public const MOST_CORNERS = 60;

    /** feet from the beginning of the plan, either way */
    public const FARTHEST_FT = 5_000.0;

    /** machines that stand beside the first one */
    public const MOST_MORE = 3;

    public ?Polygon $lot;

    /** what lies under water in a flood; null: not noted */
    public ?Polygon $flooded;

    /**
     * @param  ?list<PlannedBuilding>  $buildings
     * @param  list<Point>  $property  corners of the lot; empty: not noted
     * @param  ?list<PlanItem>  $items
     * @param  ?MachineSpot  $spot  where the machine is to stand
     * @param  list<Route>  $routes  one of each kind at most
     * @param  float  $northDeg  where north is, clockwise from the top
     * @param  ?PlanSide  $snowSide  where snow slides or drifts to
     * @param  list<Point>  $flood  corners of what lies under water in a flood; empty: not noted
     * @param  ?float  $floodIn  how high the water stands there, inches; null: not known
     * @param  ?PlanSide  $fallSide  where the ground falls to; null: not noted, or level
     * @param  ?float  $fallPct  how much it falls there, per cent
     * @param  list<MachineSpot>  $more  where further machines of the same make stand
     */
    public function __construct(
        public ?array $buildings = null, public array $property = [], public ?array $items = null, public ?MachineSpot $spot = null,
        public array $routes = [], public float $northDeg = 0.0, public ?PlanSide $snowSide = null, public array $flood = [],
        public ?float $floodIn = null, public ?PlanSide $fallSide = null, public ?float $fallPct = null, public array $more = [],
    ) {
        $this->flooded = $flood === [] ? null : new Polygon($flood);
        if ($this->flooded?->crossesItself() === true) {
            throw new Refused('flood', 'Flood line: it crosses itself. Give the corners in the order in which you walk round it.');
        }
        $this->lot = $property === [] ? null : new Polygon($property);
        if ($this->lot?->crossesItself() === true) {
            throw new Refused('property', 'Property line: it crosses itself. Give the corners in the order in which you walk round it.');
        }
        $ids = [
            ...array_map(fn (PlannedBuilding $b): string => $b->id, $buildings ?? []),
            ...array_map(fn (WallOpening $o): string => $o->id, $this->openings()),
            ...array_map(fn (PlanItem $i): string => $i->id, $items ?? []),
        ];
        $twice = array_diff_key($ids, array_unique($ids));
        if ($twice !== []) {
            throw new Refused('id', 'Two things of the plan have one id: '.reset($twice).'.');
        }
        $kinds = array_map(fn (Route $r): string => $r->kind->value, $routes);
        if (array_unique($kinds) !== $kinds) {
            throw new Refused('routes', 'Ways: two were given for one kind.');
        }
        if (count($this->openings()) > self::MOST_OPENINGS) {
            throw new Refused('openings', 'Openings: at most '.self::MOST_OPENINGS.' are taken.');
        }
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...array_diff_key(get_object_vars($this), ['lot' => 0, 'flooded' => 0]), ...$changes]);
    }

    /** Nothing was said of the site itself. */
    public function isBlank(): bool
    {
        return $this->buildings === null && $this->property === [] && $this->items === null && $this->northDeg === 0.0
            && $this->snowSide === null && $this->flood === [] && $this->floodIn === null && $this->fallSide === null
            && $this->fallPct === null;
    }

    /** @return list<MachineSpot> of every machine, the first one first; empty: none is placed */
    public function spots(): array
    {
        return $this->spot === null ? [] : [$this->spot, ...$this->more];
    }

    /** Nothing is drawn yet. */
    public function isEmpty(): bool
    {
        return ($this->buildings ?? []) === [] && $this->lot === null && ($this->items ?? []) === [] && $this->spot === null;
    }

    /** With a building that takes the place of the one of its id, or is the last. */
    public function withBuilding(PlannedBuilding $building): self
    {
        $is = fn (PlannedBuilding $b): bool => $b->id === $building->id;

        return $this->with(buildings: array_filter($this->buildings ?? [], $is) === []
            ? [...$this->buildings ?? [], $building]
            : array_map(fn (PlannedBuilding $b): PlannedBuilding => $is($b) ? $building : $b, $this->buildings ?? []));
    }

    /** With something that takes the place of what has its id, or is the last. */
    public function withItem(PlanItem $item): self
    {
        $is = fn (PlanItem $i): bool => $i->id === $item->id;

        return $this->with(items: array_filter($this->items ?? [], $is) === []
            ? [...$this->items ?? [], $item]
            : array_map(fn (PlanItem $i): PlanItem => $is($i) ? $item : $i, $this->items ?? []));
    }

    /** Without the building, or the thing, of that id. */
    public function without(string $id): self
    {
        return $this->with(
            buildings: $this->buildings === null ? null : array_values(array_filter(
                $this->buildings, fn (PlannedBuilding $b): bool => $b->id !== $id,
            )),
            items: $this->items === null ? null : array_values(array_filter($this->items, fn (PlanItem $i): bool => $i->id !== $id)),
        );
    }

    public function building(string $id): ?PlannedBuilding
    {
        return array_values(array_filter($this->buildings ?? [], fn (PlannedBuilding $b): bool => $b->id === $id))[0] ?? null;
    }

    public function item(string $id): ?PlanItem
    {
        return array_values(array_filter($this->items ?? [], fn (PlanItem $i): bool => $i->id === $id))[0] ?? null;
    }

    public function route(RouteKind $kind): ?Route
    {
        return array_values(array_filter($this->routes, fn (Route $r): bool => $r->kind === $kind))[0] ?? null;
    }

    /** @return list<WallOpening> of every building */
    public function openings(): array
    {
        return array_merge([], ...array_map(fn (PlannedBuilding $b): array => $b->openings, $this->buildings ?? []));
    }
}

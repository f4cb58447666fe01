<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;

/**
 * A machine at its spot against all that it keeps its distance from: from the nearest point of the machine, and from its exhaust.
 * Buildings and obstacles are filled: inside is no distance at all. NFPA 37 4.1.4, NEC 2023 110.26(A), good practice.
 */
final readonly class Placement
{
    /** @var list<Gap> every distance that counts, by rule and in the order of what is there */
    public array $gaps;

    /**
     * @param  ?Point  $exhaust  where the exhaust leaves; null: not known
     * @param  ?Polygon  $served  the machine with its working space on the sides that it is served from; null: on every side
     */
    public function __construct(
        private Polygon $machine, private ?Point $exhaust, private Surroundings $around, private Distances $keeps,
        private ?Polygon $served = null,
    ) {
        $this->gaps = [
            ...$this->walls(), ...$this->openings(), ...$this->service(), ...$this->property(), ...$this->exhaust(),
        ];
    }

    /** @return list<Gap> */
    public function broken(): array
    {
        return array_values(array_filter($this->gaps, fn (Gap $gap): bool => $gap->isBroken()));
    }

    /** Of one rule; null: there is nothing that it is measured to. */
    public function nearest(Distance $distance): ?Gap
    {
        $nearest = null;
        foreach ($this->gaps as $gap) {
            $isNearer = $gap->distance === $distance && ($nearest === null || $gap->ft() < $nearest->ft());
            $nearest = $isNearer ? $gap : $nearest;
        }

        return $nearest;
    }

    /** @return list<Distance> those that lack something to be judged by, and are not broken already */
    public function notChecked(): array
    {
        $around = $this->around;
        $broken = array_map(fn (Gap $gap): Distance => $gap->distance, $this->broken());
        $lacks = fn (Distance $distance): bool => match ($distance) {
            Distance::Wall => $around->buildings === null,
            Distance::Opening => $around->openings === null,
            Distance::Service => $around->buildings === null || $around->obstacles === null,
            Distance::Property => $around->property === null,
            Distance::ExhaustOpening => $around->openings === null || $this->exhaust === null,
        };

        return array_values(array_filter(
            Distance::cases(), fn (Distance $each): bool => $lacks($each) && ! in_array($each, $broken, true),
        ));
    }

    /** Nothing is broken, and nothing is left to look at. */
    public function isGood(): bool
    {
        return $this->broken() === [] && $this->notChecked() === [];
    }

    /** @return list<Gap> */
    private function walls(): array
    {
        $count = array_filter($this->around->buildings ?? [], fn (Building $b): bool => $b->burns || $this->keeps->everyWall);

        return array_map(fn (Building $b): Gap => $this->gap(
            Distance::Wall, $b->id, $this->machine->gap($b->outline),
        ), array_values($count));
    }

    /** @return list<Gap> */
    private function openings(): array
    {
        return array_map(fn (Opening $o): Gap => $this->gap(
            Distance::Opening, $o->id, $this->machine->gapTo($o->line),
        ), $this->around->openings ?? []);
    }

    /** @return list<Gap> */
    private function service(): array
    {
        $areas = [
            ...array_map(fn (Building $b): array => [$b->id, $b->outline], $this->around->buildings ?? []),
            ...array_map(fn (Obstacle $o): array => [$o->id, $o->area], $this->around->obstacles ?? []),
        ];
        $gaps = [];
        foreach ($areas as [$id, $area]) {
            if ($this->served === null || $this->served->distanceTo($area) <= 0) {
                $gaps[] = $this->gap(Distance::Service, $id, $this->machine->gap($area));
            }
        }

        return $gaps;
    }

    /** @return list<Gap> */
    private function property(): array
    {
        $lot = $this->around->property;

        return $lot === null ? [] : [new Gap(
            Distance::Property, 'property', $this->machine->gapOfSides($lot), $this->keeps->ft(Distance::Property),
            ! $lot->holds($this->machine),
        )];
    }

    /** @return list<Gap> */
    private function exhaust(): array
    {
        $from = $this->exhaust;

        return $from === null ? [] : array_map(fn (Opening $o): Gap => $this->gap(
            Distance::ExhaustOpening, $o->id, new Segment($from, $o->line->nearestTo($from)),
        ), $this->around->openings ?? []);
    }

    private function gap(Distance $distance, string $id, Segment $line): Gap
    {
        return new Gap($distance, $id, $line, $this->keeps->ft($distance));
    }
}

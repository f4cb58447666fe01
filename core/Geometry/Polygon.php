<?php

declare(strict_types=1);

namespace Underpin\Geometry;

use LogicException;

/** A filled area with straight sides: a building, a lot, a machine. Feet. */
final readonly class Polygon
{
    /** feet; nearer than that two things touch */
    private const TOUCH_FT = 1e-9;

    /** @var list<Segment> its sides, the last one back to the first corner */
    public array $sides;

    /** @param  list<Point>  $corners  at least three, in order, either way round */
    public function __construct(public array $corners)
    {
        if (count($corners) < 3) {
            throw new LogicException('An area has at least three corners.');
        }
        $sides = [];
        foreach ($corners as $i => $corner) {
            $sides[] = new Segment($corner, $corners[($i + 1) % count($corners)]);
        }
        $this->sides = $sides;
    }

    /** @param  float  $x  of its lower left corner */
    public static function rectangle(float $x, float $y, float $w, float $d): self
    {
        return new self([new Point($x, $y), new Point($x + $w, $y), new Point($x + $w, $y + $d), new Point($x, $y + $d)]);
    }

    /** Square feet. */
    public function area(): float
    {
        return abs($this->signedArea());
    }

    /** The same with its corners clockwise, up being up. */
    public function clockwise(): self
    {
        return $this->signedArea() <= 0 ? $this : new self(array_reverse($this->corners));
    }

    /** Over 0: its corners run against the clock. */
    private function signedArea(): float
    {
        $twice = 0.0;
        foreach ($this->sides as $side) {
            $twice += $side->from->x * $side->to->y - $side->to->x * $side->from->y;
        }

        return $twice / 2;
    }

    /** The point lies inside; on a side it may be either. */
    public function contains(Point $point): bool
    {
        $inside = false;
        foreach ($this->sides as $side) {
            if (($side->from->y > $point->y) === ($side->to->y > $point->y)) {
                continue;
            }
            $at = $side->from->x + ($point->y - $side->from->y) / ($side->to->y - $side->from->y) * ($side->to->x - $side->from->x);
            $inside = $point->x < $at ? ! $inside : $inside;
        }

        return $inside;
    }

    /** The other lies inside it as a whole; it may touch the sides. */
    public function holds(self $other): bool
    {
        foreach ($this->corners as $corner) {
            if ($other->contains($corner) && ! $other->isAtSide($corner)) {
                return false;
            }
        }
        foreach ($other->sides as $side) {
            foreach ($this->pieces($side) as $piece) {
                $middle = $piece->at($piece->length() / 2);
                if (! $this->contains($middle) && ! $this->isAtSide($middle)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Two sides that are no neighbours meet, or two neighbours lie on each other. */
    public function crossesItself(): bool
    {
        $n = count($this->sides);
        foreach ($this->sides as $i => $side) {
            for ($j = $i + 1; $j < $n; $j++) {
                $isNext = $j === $i + 1 || ($i === 0 && $j === $n - 1);
                $other = $this->sides[$j];
                if ($isNext ? self::foldsBack($j === $i + 1 ? [$side, $other] : [$other, $side]) : $side->meets($other)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** From this area to the other, where they come nearest; without length where they overlap. */
    public function gap(self $other): Segment
    {
        if ($other->contains($this->corners[0])) {
            return new Segment($this->corners[0], $this->corners[0]);
        }
        if ($this->contains($other->corners[0])) {
            return new Segment($other->corners[0], $other->corners[0]);
        }

        return $this->gapOfSides($other);
    }

    /** From its sides to those of the other, whatever lies inside. */
    public function gapOfSides(self $other): Segment
    {
        return self::least(array_merge([], ...array_map(
            fn (Segment $side): array => array_map($side->gap(...), $other->sides), $this->sides,
        )));
    }

    /** From this area to a line, where they come nearest. */
    public function gapTo(Segment $line): Segment
    {
        return $this->contains($line->from)
            ? new Segment($line->from, $line->from)
            : self::least(array_map(fn (Segment $side): Segment => $side->gap($line), $this->sides));
    }

    /** Feet to another area; 0 where they overlap. */
    public function distanceTo(self $other): float
    {
        return $this->gap($other)->length();
    }

    private function isAtSide(Point $point): bool
    {
        foreach ($this->sides as $side) {
            if ($side->nearestTo($point)->distanceTo($point) <= self::TOUCH_FT) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Segment> a line, cut wherever it meets a side */
    private function pieces(Segment $line): array
    {
        $cuts = [0.0, $line->length()];
        foreach ($this->sides as $side) {
            foreach ($line->meets($side) ? [$line->gap($side)->from, $side->from, $side->to] : [] as $point) {
                $cuts[] = $line->from->distanceTo($line->nearestTo($point));
            }
        }
        sort($cuts);

        return array_map(
            fn (float $from, float $to): Segment => new Segment($line->at($from), $line->at($to)), array_slice($cuts, 0, -1),
            array_slice($cuts, 1),
        );
    }

    /** @param  non-empty-list<Segment>|list<Segment>  $gaps */
    private static function least(array $gaps): Segment
    {
        $least = $gaps[0];
        foreach ($gaps as $gap) {
            $least = $gap->length() < $least->length() ? $gap : $least;
        }

        return $least;
    }

    /** @param  array{Segment, Segment}  $sides  the second begins where the first ends */
    private static function foldsBack(array $sides): bool
    {
        [$first, $second] = $sides;
        $dx = $first->to->x - $first->from->x;
        $dy = $first->to->y - $first->from->y;
        $ex = $second->to->x - $second->from->x;
        $ey = $second->to->y - $second->from->y;

        return $dx * $ey - $dy * $ex === 0.0 && $dx * $ex + $dy * $ey <= 0.0;
    }
}

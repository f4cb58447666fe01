<?php

declare(strict_types=1);

namespace Underpin\Geometry;

/** A straight line from one point to another; both may be the same. Feet. */
final readonly class Segment
{
    public function __construct(public Point $from, public Point $to)
    {
    }

    public function length(): float
    {
        return $this->from->distanceTo($this->to);
    }

    /** Where along it a distance from its beginning lies. */
    public function at(float $ft): Point
    {
        $share = $this->length() > 0 ? $ft / $this->length() : 0.0;

        return new Point(
            $this->from->x + $share * ($this->to->x - $this->from->x), $this->from->y + $share * ($this->to->y - $this->from->y),
        );
    }

    /** The point of it that is nearest to another. */
    public function nearestTo(Point $point): Point
    {
        $dx = $this->to->x - $this->from->x;
        $dy = $this->to->y - $this->from->y;
        $square = $dx ** 2 + $dy ** 2;
        $share = $square > 0 ? (($point->x - $this->from->x) * $dx + ($point->y - $this->from->y) * $dy) / $square : 0.0;
        $share = max(0.0, min(1.0, $share));

        return new Point($this->from->x + $share * $dx, $this->from->y + $share * $dy);
    }

    /** The two have a point in common, an end among them. */
    public function meets(self $other): bool
    {
        $a = self::side($this->from, $this->to, $other->from);
        $b = self::side($this->from, $this->to, $other->to);
        $c = self::side($other->from, $other->to, $this->from);
        $d = self::side($other->from, $other->to, $this->to);
        if ((($a > 0 && $b < 0) || ($a < 0 && $b > 0)) && (($c > 0 && $d < 0) || ($c < 0 && $d > 0))) {
            return true;
        }

        return ($a === 0.0 && $this->spans($other->from)) || ($b === 0.0 && $this->spans($other->to))
            || ($c === 0.0 && $other->spans($this->from)) || ($d === 0.0 && $other->spans($this->to));
    }

    /** Where the two come nearest to each other: from this one to the other. */
    public function gap(self $other): self
    {
        if ($this->meets($other)) {
            $at = $this->crossing($other);

            return new self($at, $at);
        }
        $gaps = [
            new self($this->from, $other->nearestTo($this->from)), new self($this->to, $other->nearestTo($this->to)),
            new self($this->nearestTo($other->from), $other->from), new self($this->nearestTo($other->to), $other->to),
        ];
        $least = $gaps[0];
        foreach ($gaps as $gap) {
            $least = $gap->length() < $least->length() ? $gap : $least;
        }

        return $least;
    }

    /** A point of both, where they meet. */
    private function crossing(self $other): Point
    {
        $dx = $this->to->x - $this->from->x;
        $dy = $this->to->y - $this->from->y;
        $ex = $other->to->x - $other->from->x;
        $ey = $other->to->y - $other->from->y;
        $cross = $dx * $ey - $dy * $ex;
        if ($cross === 0.0) {
            return $this->spans($other->from) ? $other->from : ($this->spans($other->to) ? $other->to : $this->from);
        }
        $share = (($other->from->x - $this->from->x) * $ey - ($other->from->y - $this->from->y) * $ex) / $cross;

        return new Point($this->from->x + $share * $dx, $this->from->y + $share * $dy);
    }

    /** A point on its line lies between its ends. */
    private function spans(Point $point): bool
    {
        return min($this->from->x, $this->to->x) <= $point->x && $point->x <= max($this->from->x, $this->to->x)
            && min($this->from->y, $this->to->y) <= $point->y && $point->y <= max($this->from->y, $this->to->y);
    }

    /** Over 0: the point lies to the left of the line; under 0: to its right; 0: on it. */
    private static function side(Point $from, Point $to, Point $point): float
    {
        return ($to->x - $from->x) * ($point->y - $from->y) - ($to->y - $from->y) * ($point->x - $from->x);
    }
}

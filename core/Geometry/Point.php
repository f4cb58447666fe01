<?php

declare(strict_types=1);

namespace Underpin\Geometry;

/** A place on level ground: feet, x to the right, y up. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    /** Feet. */
    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    public function moved(float $dx, float $dy): self
    {
        return new self($this->x + $dx, $this->y + $dy);
    }
}

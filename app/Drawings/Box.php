<?php

declare(strict_types=1);

namespace App\Drawings;

/** A rectangle of a drawing, in the drawing's own units. */
final readonly class Box
{
    public function __construct(public float $x, public float $y, public float $w, public float $h)
    {
    }

    public function right(): float
    {
        return $this->x + $this->w;
    }

    public function middle(): float
    {
        return $this->y + $this->h / 2;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** A rectangle of a drawing, in the units of its sheet. */
final readonly class Box
{
    public function __construct(public float $x, public float $y, public float $w, public float $h)
    {
    }

    public function right(): float
    {
        return $this->x + $this->w;
    }

    public function bottom(): float
    {
        return $this->y + $this->h;
    }

    public function centre(): float
    {
        return $this->x + $this->w / 2;
    }

    public function middle(): float
    {
        return $this->y + $this->h / 2;
    }

    public function overlaps(self $other): bool
    {
        return $this->x < $other->right() && $other->x < $this->right() && $this->y < $other->bottom() && $other->y < $this->bottom();
    }
}

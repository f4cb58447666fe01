<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;
use Underpin\Drawing\Ink;

/** A straight line between two points. */
final readonly class Line implements Element
{
    public function __construct(public float $x1, public float $y1, public float $x2, public float $y2, public Ink $ink)
    {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->line($this);
    }
}

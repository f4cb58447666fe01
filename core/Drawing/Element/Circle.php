<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;
use Underpin\Drawing\Ink;

final readonly class Circle implements Element
{
    public function __construct(public float $x, public float $y, public float $radius, public Ink $ink)
    {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->circle($this);
    }
}

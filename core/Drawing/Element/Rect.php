<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Box;
use Underpin\Drawing\Canvas;
use Underpin\Drawing\Ink;

/** A rectangle, with corners as round as asked for. */
final readonly class Rect implements Element
{
    public function __construct(public Box $box, public Ink $ink, public float $round = 0.0)
    {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->rect($this);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;
use Underpin\Drawing\Symbol;

/** A symbol at a place. */
final readonly class Placed implements Element
{
    public function __construct(public Symbol $symbol, public float $x, public float $y)
    {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->placed($this);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Canvas;
use Underpin\Drawing\Ink;

/** A line of words on its baseline. */
final readonly class Text implements Element
{
    /** @param  float  $aside  units to the right of its place that do not grow where a sheet stretches */
    public function __construct(
        public float $x,
        public float $y,
        public string $words,
        public Ink $ink,
        public Anchor $anchor = Anchor::Start,
        public float $aside = 0.0,
    ) {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->text($this);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

/** A corner of a trace. */
final readonly class Point
{
    /** @param  float  $bulge  tangent of a quarter of the arc from here to the next point; clockwise as seen is above 0; 0 is straight */
    public function __construct(public float $x, public float $y, public float $bulge = 0.0)
    {
    }
}

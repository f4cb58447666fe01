<?php

declare(strict_types=1);

namespace Underpin\Job;

/** How far it is between two pieces of equipment that conductors are laid between, besides cord and generator run. */
final readonly class MeasuredLength
{
    /**
     * @param  string  $id  of the conductors, as the design names what lies between the two
     * @param  float  $ft  one way, with slack, over 0
     */
    public function __construct(public string $id, public float $ft)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

/** A week by its Monday, and the energy of it. */
final readonly class Week
{
    public function __construct(public string $monday, public float $kwh)
    {
    }
}

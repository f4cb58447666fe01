<?php

declare(strict_types=1);

namespace Underpin\Legs;

/** The legs that circuits were given, and what the two legs then carry. */
final readonly class LegPlaces
{
    /** @param  list<Leg>  $legs  one for each circuit, in their order */
    public function __construct(public array $legs, public float $aAmps, public float $bAmps)
    {
    }

    public function differenceAmps(): float
    {
        return abs($this->aAmps - $this->bAmps);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage;

/** Somebody turns a breaker on or off at a time of the outage, whatever the plan says. */
final readonly class Deed
{
    /** @param  float  $atH  hours from its beginning */
    public function __construct(public float $atH, public string $circuit, public bool $on)
    {
    }
}

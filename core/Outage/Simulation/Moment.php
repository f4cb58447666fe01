<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** One thing that happened, in a sentence. */
final readonly class Moment
{
    /**
     * @param  float  $atS  seconds from the beginning of the outage
     * @param  ?int  $circuit  place of the circuit that it is about
     */
    public function __construct(public float $atS, public MomentKind $kind, public string $words, public ?int $circuit = null)
    {
    }
}

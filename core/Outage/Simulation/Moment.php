<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Outage\Machine\Trip;

/** One thing that happened, in a sentence. */
final readonly class Moment
{
    /**
     * @param  float  $atS  seconds from the beginning of the outage
     * @param  ?int  $circuit  place of the circuit that it is about
     * @param  ?Trip  $trip  what an overload did
     */
    public function __construct(
        public float $atS, public MomentKind $kind, public string $words, public ?int $circuit = null, public ?Trip $trip = null,
    ) {
    }
}

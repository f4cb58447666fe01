<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Circuit;
use Underpin\Job\Load;

/** One load that starts: what it draws, how far the voltage falls, and both with a soft starter. */
final readonly class StartRow
{
    /**
     * @param  float  $amps  on each leg, at the start
     * @param  float  $kva  of the start
     * @param  float  $withAllOnAmps  what the worse leg comes to when it starts with everything else on
     * @param  ?VoltageDip  $dip  null: electronics make the voltage
     * @param  float  $limitPct  dip that is let pass
     * @param  bool  $onOneHalf  a 120 V load of a 120/240 V machine: its dip is about twice as deep
     * @param  ?float  $softAmps  at the start with a soft starter; null: it has no motor that takes one
     * @param  ?VoltageDip  $softDip
     */
    public function __construct(
        public Circuit $circuit, public Load $load, public float $amps, public float $kva, public float $withAllOnAmps,
        public ?VoltageDip $dip, public float $limitPct, public bool $onOneHalf, public ?float $softAmps, public ?VoltageDip $softDip,
    ) {
    }

    public function dipIsOver(): bool
    {
        return $this->dip !== null && ! $this->dip->isWithin($this->limitPct);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Machine;

/** What the nameplate and the manual say of the electrical side. Null: they do not, or nobody has looked. */
final readonly class Plate
{
    /**
     * @param  ?bool  $ownBreaker  it has a breaker of its own at its terminals
     * @param  ?float  $amps  on the nameplate
     * @param  ?float  $kva  of the alternator
     * @param  ?float  $reactancePu  subtransient, per unit
     * @param  ?bool  $idleMode  it slows down when little is on
     */
    public function __construct(
        public ?bool $listed = null,
        public ?bool $ownBreaker = null,
        public ?float $amps = null,
        public ?float $kva = null,
        public ?float $reactancePu = null,
        public ?bool $idleMode = null,
    ) {
    }
}

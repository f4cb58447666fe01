<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use Underpin\Legs\Leg;

/** A circuit of the stand-in house as it truly is, which its label may not say. */
final readonly class StandInLoad
{
    /** @param  float  $settleS  seconds until a start has settled */
    public function __construct(
        public string $circuitId,
        public Leg $leg,
        public float $runAmps,
        public float $startAmps,
        public float $settleS,
    ) {
    }

    /** Amperes this long after it was switched on. */
    public function ampsAfter(float $seconds): float
    {
        return $seconds < 0 ? 0.0 : $this->runAmps + ($this->startAmps - $this->runAmps) * exp(-4 * $seconds / max(0.05, $this->settleS));
    }
}

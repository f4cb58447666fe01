<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** What an outage came to. Peaks are the highest amperes of a leg and when they came first; times are seconds from its beginning. */
final readonly class PlainResult
{
    /**
     * @param  float  $overRunS  seconds with either leg above its running limit
     * @param  float  $overSurgeS  the same above its surge limit
     * @param  int  $starts  how often any load went on
     * @param  float  $busiestHourWs  the largest energy in any clock hour of the run
     */
    public function __construct(
        public float $peakAAmps, public float $peakAAtS, public float $peakBAmps, public float $peakBAtS, public float $overRunS,
        public float $overSurgeS, public float $energyWs, public int $starts, public float $busiestHourWs,
    ) {
    }
}

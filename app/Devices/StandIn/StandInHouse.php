<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use Underpin\Measure\Reading;

/**
 * A house for the stand-in meter: a base load that drifts, noise, and what has been switched on.
 * The same moment always reads the same, so that what was missed can be asked for again.
 */
final readonly class StandInHouse
{
    /**
     * @param  list<array{load: StandInLoad, onMs: int, offMs: ?int}>  $runs  when each load was on
     * @param  float  $noiseAmps  standard deviation of the noise, amperes
     * @param  bool  $swapped  the clamps sit on each other's leg
     */
    public function __construct(
        private int $seed,
        private float $baseA,
        private float $baseB,
        private float $noiseAmps,
        private bool $swapped,
        private array $runs,
    ) {
    }

    /** @param  int  $ms  milliseconds since 1970 */
    public function read(int $ms): Reading
    {
        $drift = 1 + 0.03 * sin($ms / 47_000);
        $a = $this->baseA * $drift;
        $b = $this->baseB * (2 - $drift);
        foreach ($this->runs as $run) {
            if ($ms < $run['onMs'] || ($run['offMs'] !== null && $ms >= $run['offMs'])) {
                continue;
            }
            $amps = $run['load']->ampsAfter(($ms - $run['onMs']) / 1000);
            $a += $run['load']->leg->onA() ? $amps : 0.0;
            $b += $run['load']->leg->onB() ? $amps : 0.0;
        }
        $a = max(0.0, $a + $this->noiseAmps * $this->bell($ms, 1));
        $b = max(0.0, $b + $this->noiseAmps * $this->bell($ms, 2));

        return $this->swapped ? new Reading($ms, round($b, 3), round($a, 3)) : new Reading($ms, round($a, 3), round($b, 3));
    }

    /** Nearly bell-shaped chance with mean 0 and deviation 1, fixed by seed, moment and channel. */
    private function bell(int $ms, int $channel): float
    {
        $sum = 0.0;
        foreach ([11, 23, 37] as $salt) {
            $sum += crc32("$this->seed $ms $channel $salt") / 4_294_967_295;
        }

        return ($sum - 1.5) * 2;
    }
}

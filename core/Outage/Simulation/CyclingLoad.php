<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Legs\Leg;

/** A load that goes on and off by itself, within a part of the time. */
final readonly class CyclingLoad
{
    /** amperes on each leg that it hangs on, while it runs and while it starts */
    public float $runAmps;

    public float $startAmps;

    /** when its first cycle begins, seconds */
    private float $beginS;

    /**
     * @param  float  $pf  over 0 and at most 1
     * @param  float  $startS  seconds for which it draws what it starts with; cut short where it is on for less
     * @param  float  $offS  0: it is on all the time
     * @param  float  $offsetS  from the beginning of its part of the time to its first cycle
     * @param  float  $toS  when it is off for good, at most the end of the time
     */
    public function __construct(
        public Leg $leg, public float $runW, float $pf, public float $startW, public float $startS, private float $onS,
        private float $offS, float $offsetS, float $fromS, private float $toS,
    ) {
        $this->runAmps = $runW / $pf / $leg->volts();
        $this->startAmps = $startW / $pf / $leg->volts();
        $this->beginS = $fromS + $offsetS;
    }

    /**
     * Its cycle of a number: when it goes on, when its start is over, and when it goes off. Half open: at the last second it is off.
     *
     * @return ?array{float, float, float} null: it does not go on any more
     */
    public function cycle(int $number): ?array
    {
        $isSteady = $this->offS <= 0;
        if ($isSteady ? $number > 0 : $this->onS <= 0) {
            return null;
        }
        $on = $this->beginS + $number * ($isSteady ? 0.0 : $this->onS + $this->offS);
        if ($on >= $this->toS) {
            return null;
        }
        $off = $isSteady ? $this->toS : min($on + $this->onS, $this->toS);

        return [$on, min($on + $this->startS, $off), $off];
    }

    /** How often it goes on, its start ends and it goes off, all together, as far as can be told beforehand. */
    public function changes(): float
    {
        if ($this->cycle(0) === null) {
            return 0.0;
        }
        $cycles = $this->offS <= 0 ? 1.0 : ceil(($this->toS - $this->beginS) / ($this->onS + $this->offS));

        return $cycles * ($this->startS > 0 ? 3 : 2);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Job\Measured;
use Underpin\Legs\Leg;

/** A lasting change of the current: something came on or went off. */
final readonly class Step
{
    /**
     * @param  float  $aRun  amperes that leg A changed by once it had settled; negative: went off
     * @param  float  $aStart  highest amperes above what flowed before
     */
    public function __construct(
        public int $atMs,
        public float $aRun,
        public float $bRun,
        public float $aStart,
        public float $bStart,
        public float $leastAmps,
    ) {
    }

    public function isOn(): bool
    {
        return $this->aRun + $this->bRun > 0;
    }

    public function leg(): Leg
    {
        return match (true) {
            abs($this->aRun) >= $this->leastAmps && abs($this->bRun) >= $this->leastAmps => Leg::AB,
            abs($this->bRun) > abs($this->aRun) => Leg::B,
            default => Leg::A,
        };
    }

    /** Running amperes on its leg, or the larger of the two. */
    public function runAmps(): float
    {
        return max(0.0, $this->leg() === Leg::B ? $this->bRun : ($this->leg() === Leg::A ? $this->aRun : max($this->aRun, $this->bRun)));
    }

    public function startAmps(): float
    {
        return max(
            $this->runAmps(),
            $this->leg() === Leg::B ? $this->bStart : ($this->leg() === Leg::A ? $this->aStart : max($this->aStart, $this->bStart)),
        );
    }

    public function measured(string $on): Measured
    {
        return new Measured($this->leg(), round($this->runAmps(), 2), round($this->startAmps(), 2), $on);
    }
}

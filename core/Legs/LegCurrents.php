<?php

declare(strict_types=1);

namespace Underpin\Legs;

use Underpin\Limit;

/**
 * What the two legs and the neutral carry. Amperes on a leg add arithmetically: phase
 * angles are ignored, which errs on the safe side.
 */
final readonly class LegCurrents
{
    /**
     * @param  float  $neutralAmps  difference of the 120 V sums of the two legs
     */
    private function __construct(
        public float $aAmps,
        public float $bAmps,
        public float $neutralAmps,
        public float $totalW,
        public float $totalVa,
    ) {
    }

    /** @param  iterable<Draw>  $draws those that are switched on */
    public static function of(iterable $draws): self
    {
        $a = $b = $both = $watts = $va = 0.0;
        foreach ($draws as $draw) {
            match ($draw->leg) {
                Leg::A => $a += $draw->amps(),
                Leg::B => $b += $draw->amps(),
                Leg::AB => $both += $draw->amps(),
            };
            $watts += $draw->watts;
            $va += $draw->va();
        }

        return new self($a + $both, $b + $both, abs($a - $b), $watts, $va);
    }

    /** Both legs carry at least this much. The code's load calculation takes them alike. */
    public function atLeast(float $amps): self
    {
        return $amps <= 0
            ? $this
            : new self(max($this->aAmps, $amps), max($this->bAmps, $amps), $this->neutralAmps, $this->totalW, $this->totalVa);
    }

    public function worstAmps(): float
    {
        return max($this->aAmps, $this->bAmps);
    }

    /** Leg A when both carry the same. */
    public function worstLeg(): Leg
    {
        return Limit::over($this->bAmps, $this->aAmps) ? Leg::B : Leg::A;
    }

    /** Per cent of the larger leg; 0 when nothing flows. */
    public function imbalancePct(): float
    {
        $worst = $this->worstAmps();

        return $worst > 0 ? 100 * abs($this->aAmps - $this->bAmps) / $worst : 0.0;
    }
}

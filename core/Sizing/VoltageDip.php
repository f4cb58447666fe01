<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Limit;

/**
 * What a start does to the voltage of a generator: its transient reactance and the start share it, as in a divider. Good practice. A
 * 120 V motor loads one half of the winding, so this flatters it: its dip is about twice as deep.
 */
final readonly class VoltageDip
{
    /** of the start, in per cent of the voltage */
    public float $pct;

    /**
     * @param  float  $startKva  at least 0
     * @param  float  $generatorKva  over 0
     * @param  float  $reactancePu  transient reactance, over 0
     */
    public function __construct(private float $generatorKva, private float $reactancePu, float $startKva)
    {
        $share = $reactancePu * $startKva / $generatorKva;
        $this->pct = 100 * $share / (1 + $share);
    }

    /** @param  float  $limitPct  0 to below 100 */
    public function isWithin(float $limitPct): bool
    {
        return Limit::within($this->pct, $limitPct);
    }

    /**
     * The start, in kVA, whose dip just meets a limit.
     *
     * @param  float  $limitPct  0 to below 100
     */
    public function largestStartKva(float $limitPct): float
    {
        return $this->generatorKva * $limitPct / ((100 - $limitPct) * $this->reactancePu);
    }
}

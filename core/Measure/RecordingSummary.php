<?php

declare(strict_types=1);

namespace Underpin\Measure;

/** A recording in figures: amperes, milliseconds since it began. */
final readonly class RecordingSummary
{
    public function __construct(
        public int $count,
        public int $fromMs,
        public int $toMs,
        public float $peakA,
        public int $peakAAtMs,
        public float $peakB,
        public int $peakBAtMs,
        public float $meanA,
        public float $meanB,
        public int $gaps,
        public float $lastingA,
        public float $lastingB,
    ) {
    }

    /** @param  iterable<Reading>  $readings  in the order of time; null when there are none */
    public static function of(iterable $readings): ?self
    {
        $tally = new RecordingTally;
        foreach ($readings as $reading) {
            $tally->add($reading);
        }

        return $tally->summary();
    }

    /** Per cent of the larger mean; 0 when nothing flows. */
    public function imbalancePct(): float
    {
        $worst = max($this->meanA, $this->meanB);

        return $worst > 0 ? 100 * abs($this->meanA - $this->meanB) / $worst : 0.0;
    }

    /**
     * What is left of an inlet on the worse leg at the highest ten seconds, with a buffer for what did not run.
     * A start of a second or two does not count here: the generator's starting limit judges those.
     *
     * @param  float  $bufferAmps  amperes on each leg
     */
    public function spareAmps(int $inletAmps, float $bufferAmps): float
    {
        return $inletAmps - max($this->lastingA, $this->lastingB) - $bufferAmps;
    }
}

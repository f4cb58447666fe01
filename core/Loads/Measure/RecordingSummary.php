<?php

declare(strict_types=1);

namespace Underpin\Loads\Measure;

/** A recording in figures: amperes, milliseconds since it began. */
final readonly class RecordingSummary
{
    /** A pause longer than this many usual steps between readings is a gap. */
    private const GAP_STEPS = 5;

    private function __construct(
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
    ) {
    }

    /** @param  list<Reading>  $readings in the order of time; at least one */
    public static function of(array $readings): ?self
    {
        if ($readings === []) {
            return null;
        }
        $sumA = $sumB = 0.0;
        $highA = $highB = $readings[0];
        $gaps = 0;
        $last = $readings[count($readings) - 1];
        $usual = count($readings) > 1 ? ($readings[1]->atMs - $readings[0]->atMs) : 100;
        foreach ($readings as $i => $reading) {
            $sumA += $reading->aAmps;
            $sumB += $reading->bAmps;
            $highA = $reading->aAmps > $highA->aAmps ? $reading : $highA;
            $highB = $reading->bAmps > $highB->bAmps ? $reading : $highB;
            if ($i > 0 && $reading->atMs - $readings[$i - 1]->atMs > self::GAP_STEPS * $usual) {
                $gaps++;
            }
        }
        $count = count($readings);

        return new self($count, $readings[0]->atMs, $last->atMs, $highA->aAmps, $highA->atMs, $highB->bAmps, $highB->atMs, $sumA / $count, $sumB / $count, $gaps);
    }

    /** Per cent of the larger mean; 0 when nothing flows. */
    public function imbalancePct(): float
    {
        $worst = max($this->meanA, $this->meanB);

        return $worst > 0 ? 100 * abs($this->meanA - $this->meanB) / $worst : 0.0;
    }

    /**
     * What is left of an inlet on the worse leg at the highest moment, with a buffer for what did not run.
     *
     * @param  float  $bufferA  amperes on each leg
     */
    public function spareA(int $inletA, float $bufferA): float
    {
        return $inletA - max($this->peakA, $this->peakB) - $bufferA;
    }
}

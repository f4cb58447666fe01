<?php

declare(strict_types=1);

namespace Underpin\Loads\Measure;

/** A recording in figures: amperes, milliseconds since it began. */
final readonly class RecordingSummary
{
    /** A pause longer than this many usual steps between readings is a gap. */
    private const GAP_STEPS = 5;

    /** A start is over sooner; what flows longer than this heats an inlet and trips its breaker. */
    private const LASTING_MS = 10_000;

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
        public float $lastingA,
        public float $lastingB,
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

        return new self($count, $readings[0]->atMs, $last->atMs, $highA->aAmps, $highA->atMs, $highB->bAmps, $highB->atMs, $sumA / $count, $sumB / $count, $gaps, self::lasting($readings, fn (Reading $r): float => $r->aAmps), self::lasting($readings, fn (Reading $r): float => $r->bAmps));
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
     * @param  float  $bufferA  amperes on each leg
     */
    public function spareA(int $inletA, float $bufferA): float
    {
        return $inletA - max($this->lastingA, $this->lastingB) - $bufferA;
    }

    /**
     * Highest mean of ten seconds; of all there is where it is shorter.
     *
     * @param  non-empty-list<Reading>  $readings
     * @param  callable(Reading): float  $leg
     */
    private static function lasting(array $readings, callable $leg): float
    {
        $highest = $sum = 0.0;
        $from = 0;
        foreach ($readings as $i => $reading) {
            $sum += $leg($reading);
            while ($reading->atMs - $readings[$from]->atMs > self::LASTING_MS) {
                $sum -= $leg($readings[$from]);
                $from++;
            }
            if ($from > 0 || $i === count($readings) - 1) {
                $highest = max($highest, $sum / ($i - $from + 1));
            }
        }

        return $highest;
    }
}

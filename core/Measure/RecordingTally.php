<?php

declare(strict_types=1);

namespace Underpin\Measure;

/** Sums a recording up reading by reading: a day of them is too much to hold at once. */
final class RecordingTally
{
    /** A pause longer than this many usual steps between readings is a gap. */
    private const GAP_STEPS = 5;

    /** how many steps are looked at to know the usual one */
    private const STEPS_LOOKED_AT = 1000;

    /** A start is over sooner; what flows longer than this heats an inlet and trips its breaker. */
    private const LASTING_MS = 10_000;

    private int $count = 0;

    private ?Reading $first = null;

    private ?Reading $last = null;

    private ?Reading $highA = null;

    private ?Reading $highB = null;

    private float $sumA = 0.0;

    private float $sumB = 0.0;

    /** @var list<int> milliseconds between the first readings */
    private array $steps = [];

    private ?int $usualMs = null;

    private int $gaps = 0;

    /** @var array<int, Reading> of the last ten seconds, by their place in the recording */
    private array $window = [];

    private int $from = 0;

    private float $windowA = 0.0;

    private float $windowB = 0.0;

    private float $lastingA = 0.0;

    private float $lastingB = 0.0;

    /** @param  Reading  $reading  later than the one before */
    public function add(Reading $reading): void
    {
        if ($this->last === null) {
            $this->first = $this->highA = $this->highB = $reading;
        } else {
            $this->step($reading->atMs - $this->last->atMs);
            if ($reading->aAmps > $this->highA?->aAmps) {
                $this->highA = $reading;
            }
            if ($reading->bAmps > $this->highB?->bAmps) {
                $this->highB = $reading;
            }
        }
        $this->sumA += $reading->aAmps;
        $this->sumB += $reading->bAmps;
        $this->last = $reading;
        $this->slide($reading);
        $this->count++;
    }

    /** Null when there was no reading. */
    public function summary(): ?RecordingSummary
    {
        if ($this->first === null || $this->last === null || $this->highA === null || $this->highB === null) {
            return null;
        }
        $held = count($this->window);
        $isShort = $this->from === 0;

        return new RecordingSummary(
            $this->count, $this->first->atMs, $this->last->atMs,
            $this->highA->aAmps, $this->highA->atMs, $this->highB->bAmps, $this->highB->atMs,
            $this->sumA / $this->count, $this->sumB / $this->count, $this->gapsSoFar(),
            $isShort ? $this->windowA / $held : $this->lastingA, $isShort ? $this->windowB / $held : $this->lastingB,
        );
    }

    private function step(int $ms): void
    {
        if ($this->usualMs !== null) {
            if ($ms > self::GAP_STEPS * $this->usualMs) {
                $this->gaps++;
            }

            return;
        }
        $this->steps[] = $ms;
        if (count($this->steps) === self::STEPS_LOOKED_AT) {
            $this->gaps = $this->gapsSoFar();
            $this->usualMs = $this->usual();
            $this->steps = [];
        }
    }

    private function gapsSoFar(): int
    {
        $usual = $this->usual();

        return $this->gaps + count(array_filter($this->steps, fn (int $ms): bool => $ms > self::GAP_STEPS * $usual));
    }

    /** The middle one of the steps looked at. */
    private function usual(): int
    {
        $steps = $this->steps;
        sort($steps);

        return $this->usualMs ?? $steps[intdiv(count($steps), 2)] ?? 0;
    }

    /** The mean of the last ten seconds goes along; the highest is kept. */
    private function slide(Reading $reading): void
    {
        $this->window[$this->count] = $reading;
        $this->windowA += $reading->aAmps;
        $this->windowB += $reading->bAmps;
        $tooOld = $reading->atMs - self::LASTING_MS;
        while (($oldest = $this->window[$this->from])->atMs < $tooOld) {
            $this->windowA -= $oldest->aAmps;
            $this->windowB -= $oldest->bAmps;
            unset($this->window[$this->from]);
            $this->from++;
        }
        if ($this->from === 0) {
            return;
        }
        $held = $this->count - $this->from + 1;
        if ($this->windowA > $this->lastingA * $held) {
            $this->lastingA = $this->windowA / $held;
        }
        if ($this->windowB > $this->lastingB * $held) {
            $this->lastingB = $this->windowB / $held;
        }
    }
}

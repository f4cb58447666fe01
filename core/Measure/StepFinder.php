<?php

declare(strict_types=1);

namespace Underpin\Measure;

/**
 * Finds the steps in a recording. The current before a change and after it must each stand still
 * for a moment; what lies between is the start. A blip that leaves nothing behind is no step.
 */
final class StepFinder
{
    /** readings that must agree before a level counts as settled */
    private const SETTLED = 12;

    /** the least change that is looked at, amperes */
    private const LEAST_A = 0.25;

    /** how far above the noise a change must stand */
    private const NOISES = 6.0;

    /** how many readings tell the noise, before the first step is looked for */
    private const NOISE_FROM = 3000;

    /** @var list<Reading> kept until the noise is known */
    private array $waiting = [];

    private ?float $least = null;

    /** @var list<Reading> the last ones, as many as tell a level */
    private array $window = [];

    private float $levelA = 0.0;

    private float $levelB = 0.0;

    private bool $hasLevel = false;

    private ?Reading $began = null;

    private int $sinceBegan = 0;

    private float $highA = 0.0;

    private float $highB = 0.0;

    /** @var list<Step> */
    private array $steps = [];

    /**
     * @param  iterable<Reading>  $readings  in the order of time
     * @return list<Step>
     */
    public static function find(iterable $readings): array
    {
        $finder = new self;
        foreach ($readings as $reading) {
            $finder->add($reading);
        }

        return $finder->steps();
    }

    /** @param  Reading  $reading  later than the one before */
    public function add(Reading $reading): void
    {
        if ($this->least !== null) {
            $this->look($reading, $this->least);

            return;
        }
        $this->waiting[] = $reading;
        if (count($this->waiting) === self::NOISE_FROM) {
            $this->begin();
        }
    }

    /** @return list<Step> those found so far; the last ones of a short recording too */
    public function steps(): array
    {
        if ($this->least === null && count($this->waiting) >= 2 * self::SETTLED) {
            $this->begin();
        }

        return $this->steps;
    }

    private function begin(): void
    {
        $least = $this->least = max(self::LEAST_A, self::NOISES * self::noise($this->waiting));
        foreach ($this->waiting as $reading) {
            $this->look($reading, $least);
        }
        $this->waiting = [];
    }

    private function look(Reading $reading, float $least): void
    {
        $this->window[] = $reading;
        if (! $this->hasLevel) {
            if (count($this->window) === self::SETTLED) {
                [$this->levelA, $this->levelB] = self::level($this->window);
                $this->hasLevel = true;
            }

            return;
        }
        array_shift($this->window);
        if ($this->began === null) {
            if (abs($reading->aAmps - $this->levelA) < $least && abs($reading->bAmps - $this->levelB) < $least) {
                return;
            }
            $this->began = $reading;
            $this->sinceBegan = 0;
            $this->highA = $this->highB = -INF;
        } else {
            $this->sinceBegan++;
        }
        $this->highA = max($this->highA, $reading->aAmps);
        $this->highB = max($this->highB, $reading->bAmps);
        if ($this->sinceBegan < self::SETTLED || ! self::isSettled($this->window, $least)) {
            return;
        }
        [$newA, $newB] = self::level($this->window);
        if (abs($newA - $this->levelA) >= $least || abs($newB - $this->levelB) >= $least) {
            $this->steps[] = new Step(
                $this->began->atMs, $newA - $this->levelA, $newB - $this->levelB, max(0.0, $this->highA - $this->levelA),
                max(0.0, $this->highB - $this->levelB), $least,
            );
        }
        [$this->levelA, $this->levelB] = [$newA, $newB];
        $this->began = null;
    }

    /**
     * How much a reading differs from the next while nothing happens: the median of the differences, which steps do not move.
     *
     * @param  list<Reading>  $readings
     */
    private static function noise(array $readings): float
    {
        $differences = [];
        for ($i = 1, $most = count($readings); $i < $most; $i++) {
            $differences[] = max(
                abs($readings[$i]->aAmps - $readings[$i - 1]->aAmps), abs($readings[$i]->bAmps - $readings[$i - 1]->bAmps),
            );
        }
        sort($differences);

        return $differences[intdiv(count($differences), 2)] ?? 0.0;
    }

    /**
     * No drift from one half to the other, and no reading far off: the start is over.
     *
     * @param  list<Reading>  $window  SETTLED of them
     */
    private static function isSettled(array $window, float $least): bool
    {
        $driftA = $driftB = 0.0;
        [$lowA, $lowB] = [$highA, $highB] = [$window[0]->aAmps, $window[0]->bAmps];
        foreach ($window as $i => $reading) {
            $half = 2 * $i < self::SETTLED ? 1 : -1;
            $driftA += $half * $reading->aAmps;
            $driftB += $half * $reading->bAmps;
            $lowA = min($lowA, $reading->aAmps);
            $lowB = min($lowB, $reading->bAmps);
            $highA = max($highA, $reading->aAmps);
            $highB = max($highB, $reading->bAmps);
        }

        return max(abs($driftA), abs($driftB)) <= $least / 4 * (self::SETTLED / 2) && max($highA - $lowA, $highB - $lowB) <= 2 * $least;
    }

    /**
     * @param  list<Reading>  $window  SETTLED of them
     * @return array{float, float}
     */
    private static function level(array $window): array
    {
        return [
            array_sum(array_map(fn (Reading $r): float => $r->aAmps, $window)) / self::SETTLED,
            array_sum(array_map(fn (Reading $r): float => $r->bAmps, $window)) / self::SETTLED,
        ];
    }
}

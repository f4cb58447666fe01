<?php

declare(strict_types=1);

namespace Underpin\Loads\Measure;

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

    /**
     * @param  list<Reading>  $readings in the order of time
     * @return list<Step>
     */
    public static function find(array $readings): array
    {
        $count = count($readings);
        if ($count < 2 * self::SETTLED) {
            return [];
        }
        $least = max(self::LEAST_A, self::NOISES * self::noise($readings));
        $steps = [];
        [$levelA, $levelB] = self::level($readings, 0);
        $began = null;
        $highA = $highB = -INF;
        for ($i = self::SETTLED; $i < $count; $i++) {
            $reading = $readings[$i];
            if ($began === null) {
                if (abs($reading->aAmps - $levelA) < $least && abs($reading->bAmps - $levelB) < $least) {
                    continue;
                }
                $began = $i;
                $highA = $highB = -INF;
            }
            $highA = max($highA, $reading->aAmps);
            $highB = max($highB, $reading->bAmps);
            if ($i - $began < self::SETTLED || ! self::isSettled($readings, $i - self::SETTLED + 1, $least)) {
                continue;
            }
            [$newA, $newB] = self::level($readings, $i - self::SETTLED + 1);
            if (abs($newA - $levelA) >= $least || abs($newB - $levelB) >= $least) {
                $steps[] = new Step($readings[$began]->atMs, $newA - $levelA, $newB - $levelB, max(0.0, $highA - $levelA), max(0.0, $highB - $levelB), $least);
            }
            [$levelA, $levelB] = [$newA, $newB];
            $began = null;
        }

        return $steps;
    }

    /**
     * How much a reading differs from the next while nothing happens: the median of the differences, which steps do not move.
     *
     * @param  list<Reading>  $readings
     */
    private static function noise(array $readings): float
    {
        $differences = [];
        for ($i = 1, $most = min(count($readings), 3000); $i < $most; $i++) {
            $differences[] = max(abs($readings[$i]->aAmps - $readings[$i - 1]->aAmps), abs($readings[$i]->bAmps - $readings[$i - 1]->bAmps));
        }
        sort($differences);

        return $differences[intdiv(count($differences), 2)] ?? 0.0;
    }

    /** @param  list<Reading>  $readings */
    private static function isSettled(array $readings, int $from, float $least): bool
    {
        $window = array_slice($readings, $from, self::SETTLED);
        foreach ([array_map(fn (Reading $r): float => $r->aAmps, $window), array_map(fn (Reading $r): float => $r->bAmps, $window)] as $amps) {
            $half = intdiv(self::SETTLED, 2);
            // No drift from one half to the other, and no reading far off: the start is over.
            $drift = array_sum(array_slice($amps, 0, $half)) / $half - array_sum(array_slice($amps, $half)) / (self::SETTLED - $half);
            if (abs($drift) > $least / 4 || max([0.0, ...$amps]) - min([INF, ...$amps]) > 2 * $least) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Reading>  $readings
     * @return array{float, float}
     */
    private static function level(array $readings, int $from): array
    {
        $window = array_slice($readings, $from, self::SETTLED);

        return [
            array_sum(array_map(fn (Reading $r): float => $r->aAmps, $window)) / count($window),
            array_sum(array_map(fn (Reading $r): float => $r->bAmps, $window)) / count($window),
        ];
    }
}

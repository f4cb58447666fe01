<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Job\Circuit;

/** Brings steps and marks together. */
final class Offers
{
    /** People press the key up to this long before, or after, they throw the breaker. */
    private const BEFORE_MS = 15_000;

    private const AFTER_MS = 10_000;

    /**
     * @param  list<Step>  $steps
     * @param  list<Mark>  $marks
     * @param  list<Circuit>  $circuits
     * @return list<Offer> of what came on, the newest first
     */
    public static function of(array $steps, array $marks, array $circuits): array
    {
        $offers = [];
        foreach (array_reverse(array_filter($steps, fn (Step $s): bool => $s->isOn())) as $step) {
            $mark = self::nearest($step, $marks);
            $named = $mark?->circuitId === null ? null : self::named($mark->circuitId, $circuits);
            $offers[] = new Offer($step, $mark, $named ?? self::likeliest($step, $circuits));
        }

        return $offers;
    }

    /**
     * Those that can be taken together: each agrees, and of one circuit the newest.
     *
     * @param  list<Offer>  $offers  the newest first
     * @return array<string, Offer> by the id of the circuit
     */
    public static function agreeing(array $offers): array
    {
        $agreeing = [];
        foreach ($offers as $offer) {
            if ($offer->circuit !== null && $offer->agrees()) {
                $agreeing[$offer->circuit->id] ??= $offer;
            }
        }

        return $agreeing;
    }

    /** @param  list<Mark>  $marks */
    private static function nearest(Step $step, array $marks): ?Mark
    {
        $best = null;
        foreach ($marks as $mark) {
            $late = $mark->atMs - $step->atMs;
            if ($late >= -self::BEFORE_MS && $late <= self::AFTER_MS && ($best === null || abs($late) < abs($best->atMs - $step->atMs))) {
                $best = $mark;
            }
        }

        return $best;
    }

    /** @param  list<Circuit>  $circuits */
    private static function named(string $id, array $circuits): ?Circuit
    {
        foreach ($circuits as $circuit) {
            if ($circuit->id === $id) {
                return $circuit;
            }
        }

        return null;
    }

    /** @param  list<Circuit>  $circuits */
    private static function likeliest(Step $step, array $circuits): ?Circuit
    {
        $best = null;
        $least = INF;
        foreach ($circuits as $circuit) {
            $apart = abs($circuit->runAmps() - $step->runAmps()) / max(0.5, $step->runAmps());
            if ($circuit->leg() === $step->leg() && ! $circuit->figuresMissing() && $apart < min($least, 0.5)) {
                $best = $circuit;
                $least = $apart;
            }
        }

        return $best;
    }
}

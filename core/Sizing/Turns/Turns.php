<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use Underpin\Limit;
use Underpin\Refused;

/**
 * A timetable in which loads that do not fit together take turns: the highest worth that can be served with every slot inside both
 * legs. Sets of loads are looked at by falling worth: one that is refuted by counting or by looking through everything is left for
 * those with one load less; the first for which a timetable is found is the answer, and it is proven when every set before was refuted.
 * NEC 2023 702.4: who loads a source by hand selects what it carries.
 */
final class Turns
{
    public const MOST_LOADS = 20;

    /** Up to so many loads and slots everything is looked through, whatever it takes. */
    private const PROVEN_LOADS = 6;

    private const PROVEN_SLOTS = 12;

    /** For each slot: about five seconds of a small machine for 96 of them. */
    public const USUAL_STEPS = 120_000;

    /** Steps of one try, for each slot: a search that has found nothing by then does better from another beginning. */
    private const TRY_STEPS = 2_000;

    private const TRIES_OF_FIRST = 4;

    private const TRIES_OF_OTHERS = 2;

    /** Part of what is left that looking through everything may take for the first set, and for one after it. */
    private const EXHAUSTIVE_SHARE = 0.5;

    private const EXHAUSTIVE_SHARE_AFTER = 0.05;

    private readonly Budget $budget;

    private readonly bool $isSmall;

    /** every set that was passed over has no timetable */
    private bool $isProven = true;

    private int $seed = 0;

    /** @var list<array<int, TurnLoad>> sets of which it is not known, by falling worth */
    private array $open = [];

    /** @param  list<TurnLoad>  $loads */
    private function __construct(private readonly Room $room, private readonly array $loads, int $steps)
    {
        $this->budget = new Budget($steps);
        $this->isSmall = count($loads) <= self::PROVEN_LOADS && $room->slots <= self::PROVEN_SLOTS;
    }

    /**
     * @param  list<TurnLoad>  $loads  at most 20
     * @param  ?int  $steps  that the search may take, null: as usual; up to 6 loads over 12 slots it takes what it needs
     *
     * @throws Refused on more than 20 loads, or on loads.N.to_slot
     */
    public static function plan(Room $room, array $loads, ?int $steps = null): Timetable
    {
        if (count($loads) > self::MOST_LOADS) {
            throw new Refused('loads', sprintf('loads: at most %d can take turns; %d were given.', self::MOST_LOADS, count($loads)));
        }
        foreach ($loads as $i => $load) {
            if ($load->toSlot > $room->slots) {
                throw new Refused("loads.$i.to_slot", "loads.$i.to_slot must be at most slots ($room->slots); $load->toSlot was given.");
            }
        }
        $turns = new self($room, $loads, $steps ?? self::USUAL_STEPS * $room->slots);

        return $turns->written($turns->best());
    }

    /** @return array<int, list<int>> slots of each load that is served, by its key */
    private function best(): array
    {
        $queue = new SetsByWorth($this->loads);
        $found = null;
        while (($set = $queue->next()) !== null) {
            if ($found !== null && ! Limit::over($this->worth($set), $this->worth($found))) {
                return $this->improved($found);
            }
            $clash = Refutation::of($this->room, $set, $this->budget);
            if ($clash === null) {
                $on = $found === null
                    ? $this->timetable($set, self::TRIES_OF_FIRST, self::EXHAUSTIVE_SHARE)
                    : $this->timetable($set, self::TRIES_OF_OTHERS, self::EXHAUSTIVE_SHARE_AFTER);
                if ($on !== null) {
                    return $on;
                }
                $clash = array_keys($set);
                if (! $this->isProven) {
                    $this->open[] = $set;
                    $found ??= $this->quickly($set);
                }
            }
            if ($this->budget->isSpent() && ! $this->isSmall) {
                $this->isProven = false;

                return $found ?? $this->oneByOne();
            }
            $queue->without($set, $clash);
        }

        return $found ?? [];
    }

    /**
     * What is left of the steps goes into the better sets of which it is not known whether they can be served.
     *
     * @param  array<int, list<int>>  $found
     * @return array<int, list<int>>
     */
    private function improved(array $found): array
    {
        for ($length = 1; $this->open !== [] && ! $this->budget->isSpent(); $length++) {
            foreach ($this->open as $i => $set) {
                $on = $this->tried($set, self::TRIES_OF_FIRST, $length);
                if ($on !== null) {
                    $found = $on;
                    $this->open = array_slice($this->open, 0, $i);
                    // Every set before the first open one was refuted.
                    $this->isProven = $i === 0;
                    break;
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<int, TurnLoad>  $set
     * @return ?array<int, list<int>> null: there is none, or none was found
     */
    private function timetable(array $set, int $tries, float $part): ?array
    {
        $on = $this->tried($set, $tries);
        if ($on !== null) {
            return $on;
        }
        $share = $this->isSmall ? null : $this->budget->share($part);
        $given = $share?->left() ?? 0;
        $on = Exhaustive::of($this->room, $set, $share);
        $this->budget->spend($given - ($share?->left() ?? 0));
        $this->isProven = $this->isProven && $on !== true;

        return is_array($on) ? $on : null;
    }

    /**
     * @param  array<int, TurnLoad>  $set
     * @param  int  $length  of a try, in usual ones
     * @return ?array<int, list<int>>
     */
    private function tried(array $set, int $tries, int $length = 1): ?array
    {
        for ($try = 0; $try < $tries && ! $this->budget->isSpent(); $try++) {
            $steps = new Budget(min($length * self::TRY_STEPS * $this->room->slots, $this->budget->left()));
            $given = $steps->left();
            $on = Repair::of($this->room, $set, $steps, ++$this->seed);
            $this->budget->spend($given - $steps->left());
            if ($on !== null) {
                return $on;
            }
        }

        return null;
    }

    /**
     * A good answer while the best is looked for: one load less, the one that takes most first; else one by one.
     *
     * @param  array<int, TurnLoad>  $set
     * @return array<int, list<int>>
     */
    private function quickly(array $set): array
    {
        $takes = array_map(fn (TurnLoad $load): float => $load->takes($this->room), $set);
        arsort($takes);
        for ($round = 1; $round <= self::TRIES_OF_OTHERS; $round++) {
            foreach (array_keys($takes) as $key) {
                $on = $this->tried(array_diff_key($set, [$key => true]), 1, $round);
                if ($on !== null) {
                    return $on;
                }
            }
        }

        return $this->oneByOne();
    }

    /** @return array<int, list<int>> each that still fits with those before it, the one with the highest worth first */
    private function oneByOne(): array
    {
        $order = $this->loads;
        uasort($order, fn (TurnLoad $x, TurnLoad $y): int => [$y->worth, $x->takes($this->room)] <=> [$x->worth, $y->takes($this->room)]);
        $served = $found = [];
        foreach ($order as $key => $load) {
            $set = $served + [$key => $load];
            $on = Refutation::of($this->room, $set, null) === null
                ? Repair::of($this->room, $set, new Budget(self::TRY_STEPS), 1) : null;
            if ($on !== null) {
                $served = $set;
                $found = $on;
            }
        }

        return $found;
    }

    /** @param  array<int, mixed>  $set  by key of the load */
    private function worth(array $set): float
    {
        return (float) array_sum(array_map(fn (TurnLoad $load): float => $load->worth, array_intersect_key($this->loads, $set)));
    }

    /** @param  array<int, list<int>>  $on */
    private function written(array $on): Timetable
    {
        $served = array_intersect_key($this->loads, $on);

        return new Timetable(
            $this->room, array_values($served), array_values(array_diff_key($this->loads, $on)),
            array_map(fn (int $key): array => self::runs($on[$key]), array_keys($served)), $this->isProven,
        );
    }

    /**
     * @param  list<int>  $slots  rising
     * @return list<array{int, int}>
     */
    private static function runs(array $slots): array
    {
        $runs = [];
        foreach ($slots as $slot) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][1] === $slot) {
                $runs[$last][1]++;
            } else {
                $runs[] = [$slot, $slot + 1];
            }
        }

        return $runs;
    }
}

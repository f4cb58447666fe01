<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

/**
 * Looks through every timetable of some loads, slot by slot, and so can tell that there is none. What it leaves out loses nothing: a
 * state of the same slot with the same needs left that has failed before; a slot in which a load with runs of one slot would still have
 * room (one of its later slots can be taken instead); needs that are refuted by counting.
 */
final class Exhaustive
{
    /** Steps that one slot with one state costs, beside those of placing a load. */
    private const STEP = 20;

    /** @var array<string, true> states that have failed */
    private array $failed = [];

    /** @var array<int, array<int, true>> who is on in each slot so far */
    private array $on = [];

    /** @param  array<int, TurnLoad>  $loads */
    private function __construct(private readonly Room $room, private readonly array $loads, private readonly ?Budget $budget)
    {
    }

    /**
     * @param  array<int, TurnLoad>  $loads
     * @param  ?Budget  $budget  null: until it is done
     * @return array<int, list<int>>|bool slots of each load by its key; false: there is none; true: the budget was spent before that
     */
    public static function of(Room $room, array $loads, ?Budget $budget): array|bool
    {
        $search = new self($room, $loads, $budget);
        $needs = array_map(fn (TurnLoad $load): int => $load->needSlots, $loads);
        if ($search->from(0, $needs, array_map(fn (): int => 0, $loads))) {
            return $search->slots();
        }

        return $search->budget?->isSpent() === true;
    }

    /** @return array<int, list<int>> */
    private function slots(): array
    {
        $slots = array_map(fn (): array => [], $this->loads);
        foreach ($this->on as $slot => $there) {
            foreach (array_keys($there) as $key) {
                $slots[$key][] = $slot;
            }
        }

        return $slots;
    }

    /**
     * @param  array<int, int>  $needs  slots that each load still needs
     * @param  array<int, int>  $runs  slots of the run in which it is, up to its block; 0: it is off
     */
    private function from(int $slot, array $needs, array $runs): bool
    {
        if (array_sum($needs) === 0) {
            return true;
        }
        $state = $slot.':'.implode(',', $needs).':'.implode(',', $runs);
        if (isset($this->failed[$state]) || $slot === $this->room->slots) {
            return false;
        }
        $this->budget?->spend(self::STEP);
        if ($this->budget?->isSpent() === true) {
            return false;
        }
        if ($this->isRefuted($slot, $needs) || ! $this->choose($slot, $needs, $runs)) {
            $this->failed[$state] = true;

            return false;
        }

        return true;
    }

    /**
     * @param  array<int, int>  $needs
     * @param  array<int, int>  $runs
     */
    private function choose(int $slot, array $needs, array $runs): bool
    {
        $forced = $free = [];
        $a = $b = 0.0;
        foreach ($this->loads as $key => $load) {
            $mayBeOn = $this->mayBeOn($load, $slot, $needs[$key], $runs[$key]);
            if (! $this->mayBeOff($load, $slot, $needs[$key], $runs[$key])) {
                if (! $mayBeOn) {
                    return false;
                }
                $forced[$key] = true;
                $a += $load->aAmps;
                $b += $load->bAmps;
            } elseif ($mayBeOn) {
                $free[] = $key;
            }
        }

        // Who has the least time to spare is tried first.
        $spare = fn (int $key): int => $this->loads[$key]->toSlot - $slot - $needs[$key];
        usort($free, fn (int $x, int $y): int => $spare($x) <=> $spare($y));

        return $this->room->takes($a, $b) && $this->among($free, 0, $forced, $a, $b, $slot, $needs, $runs);
    }

    /**
     * Every set of those that may be on or off, the full ones first.
     *
     * @param  list<int>  $free
     * @param  array<int, true>  $on
     * @param  array<int, int>  $needs
     * @param  array<int, int>  $runs
     */
    private function among(array $free, int $at, array $on, float $a, float $b, int $slot, array $needs, array $runs): bool
    {
        $this->budget?->spend(1);
        if ($this->budget?->isSpent() === true) {
            return false;
        }
        if ($at === count($free)) {
            return $this->isFull($free, $on, $a, $b) && $this->next($on, $slot, $needs, $runs);
        }
        $key = $free[$at];
        $load = $this->loads[$key];
        if ($this->room->takes($a + $load->aAmps, $b + $load->bAmps)
            && $this->among($free, $at + 1, $on + [$key => true], $a + $load->aAmps, $b + $load->bAmps, $slot, $needs, $runs)) {
            return true;
        }

        return $this->among($free, $at + 1, $on, $a, $b, $slot, $needs, $runs);
    }

    /**
     * No load with runs of one slot is left off although there is room.
     *
     * @param  list<int>  $free
     * @param  array<int, true>  $on
     */
    private function isFull(array $free, array $on, float $a, float $b): bool
    {
        foreach ($free as $key) {
            $load = $this->loads[$key];
            if (! isset($on[$key]) && $load->blockSlots === 1 && $this->room->takes($a + $load->aAmps, $b + $load->bAmps)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, true>  $on
     * @param  array<int, int>  $needs
     * @param  array<int, int>  $runs
     */
    private function next(array $on, int $slot, array $needs, array $runs): bool
    {
        foreach ($this->loads as $key => $load) {
            $isOn = isset($on[$key]);
            $needs[$key] -= $isOn ? 1 : 0;
            // Where a run may be one slot long it does not matter whether it goes on.
            $runs[$key] = $isOn && $load->blockSlots > 1 ? min($runs[$key] + 1, $load->blockSlots) : 0;
        }
        $this->on[$slot] = $on;
        if ($this->from($slot + 1, $needs, $runs)) {
            return true;
        }
        unset($this->on[$slot]);

        return false;
    }

    private function mayBeOn(TurnLoad $load, int $slot, int $need, int $run): bool
    {
        return $need > 0 && $slot >= $load->fromSlot && $slot < $load->toSlot
            && ($run > 0 || $need >= $load->blockSlots && $slot + $load->blockSlots <= $load->toSlot);
    }

    private function mayBeOff(TurnLoad $load, int $slot, int $need, int $run): bool
    {
        if ($need === 0) {
            return true;
        }
        $isLongEnough = $run === 0 || $run === $load->blockSlots;

        return $isLongEnough && $need >= $load->blockSlots && $need <= $load->toSlot - max($slot + 1, $load->fromSlot);
    }

    /** @param  array<int, int>  $needs */
    private function isRefuted(int $slot, array $needs): bool
    {
        $left = [];
        foreach ($this->loads as $key => $load) {
            if ($needs[$key] > 0) {
                $from = max($slot, $load->fromSlot);
                if ($needs[$key] > $load->toSlot - $from) {
                    return true;
                }
                $left[$key] = $load->left($needs[$key], $from);
            }
        }

        return Refutation::of($this->room, $left, $this->budget) !== null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

/**
 * The cheapest slots for one load, where being on in each of them has a price: exactly as many as it needs, in runs of at least a
 * block. Exact: by dynamic programming over slots and how many it has had, or by sorting where a run may be one slot long.
 */
final class Placing
{
    /**
     * @param  list<float>  $prices  of being on in each slot, at least 0
     * @return list<int> the slots, rising
     */
    public static function cheapest(TurnLoad $load, array $prices, Budget $budget): array
    {
        $window = $load->toSlot - $load->fromSlot;
        if ($load->needSlots === $window) {
            $budget->spend($window);

            return range($load->fromSlot, $load->toSlot - 1);
        }
        if ($load->blockSlots === 1) {
            $budget->spend($window);
            $of = array_slice($prices, $load->fromSlot, $window, true);
            asort($of);
            $slots = array_slice(array_keys($of), 0, $load->needSlots);
            sort($slots);

            return $slots;
        }
        // A cell of the table costs about a quarter of what a slot costs elsewhere.
        $budget->spend(intdiv($window * $load->needSlots, 4) + $window);

        return self::inRuns($load, $prices);
    }

    /**
     * Row by row of slots: the least price with so many slots had, once with the last slot off and once with it on in a run that is long
     * enough.
     *
     * @param  list<float>  $prices
     * @return list<int>
     */
    private static function inRuns(TurnLoad $load, array $prices): array
    {
        $window = $load->toSlot - $load->fromSlot;
        $need = $load->needSlots;
        $block = $load->blockSlots;
        $none = array_fill(0, $need + 1, INF);
        $off = [[0.0] + $none];
        $on = [$none];
        // How the least price with the last slot on came about: true when a run begins a block before.
        $began = [];
        $sums = [0.0];
        for ($slot = 1; $slot <= $window; $slot++) {
            $price = $prices[$load->fromSlot + $slot - 1];
            $sums[$slot] = $sums[$slot - 1] + $price;
            $offNow = $onNow = $none;
            $beganNow = [];
            $offBefore = $off[$slot - 1];
            $onBefore = $on[$slot - 1];
            $most = min($need, $slot);
            $blockBefore = $slot >= $block ? $off[$slot - $block] : $none;
            $blockPrice = $slot >= $block ? $sums[$slot] - $sums[$slot - $block] : 0.0;
            // Slots that are left must be enough for what it still needs.
            for ($had = max(0, $need - $window + $slot); $had <= $most; $had++) {
                // Comparisons written out: this is where the search spends its time.
                $offNow[$had] = $offBefore[$had] < $onBefore[$had] ? $offBefore[$had] : $onBefore[$had];
                if ($had === 0) {
                    continue;
                }
                $longer = $onBefore[$had - 1] + $price;
                $new = $had >= $block ? $blockBefore[$had - $block] + $blockPrice : INF;
                $beganNow[$had] = $new < $longer;
                $onNow[$had] = $new < $longer ? $new : $longer;
            }
            $off[$slot] = $offNow;
            $on[$slot] = $onNow;
            $began[$slot] = $beganNow;
        }

        return self::readBack($load, $off, $on, $began);
    }

    /**
     * @param  array<int, array<int, float>>  $off
     * @param  array<int, array<int, float>>  $on
     * @param  array<int, array<int, bool>>  $began
     * @return list<int>
     */
    private static function readBack(TurnLoad $load, array $off, array $on, array $began): array
    {
        $slots = [];
        $had = $load->needSlots;
        $slot = $load->toSlot - $load->fromSlot;
        $isOn = $on[$slot][$had] <= $off[$slot][$had];
        while ($had > 0) {
            if (! $isOn) {
                $slot--;
                $isOn = $on[$slot][$had] <= $off[$slot][$had];

                continue;
            }
            $isBegin = $began[$slot][$had];
            for ($steps = $isBegin ? $load->blockSlots : 1; $steps > 0; $steps--) {
                $slots[] = $load->fromSlot + --$slot;
                $had--;
            }
            $isOn = ! $isBegin;
        }

        return array_reverse($slots);
    }
}

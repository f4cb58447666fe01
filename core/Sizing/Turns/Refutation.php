<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use Underpin\Limit;

/**
 * Shows without a search that some loads can't all be served: between two slots they must be on for more than there is room for. Two
 * ways of counting: ampere-slots of a leg; and loads of which no more than so many can be on at once, because each needs more than its
 * part of the leg.
 */
final class Refutation
{
    private const MOST_AT_ONCE = 4;

    /** That a load between two slots costs. */
    private const STEPS = 8;

    /**
     * @param  array<int, TurnLoad>  $loads
     * @param  ?Budget  $budget  that it is taken from; null: it is not counted
     * @return ?list<int> keys of loads of which at least one has to go; null: it shows nothing
     */
    public static function of(Room $room, array $loads, ?Budget $budget): ?array
    {
        foreach ($loads as $key => $load) {
            if (! $room->takes($load->aAmps, $load->bAmps)) {
                return [$key];
            }
        }
        $froms = array_unique(array_map(fn (TurnLoad $load): int => $load->fromSlot, $loads));
        $tos = array_unique(array_map(fn (TurnLoad $load): int => $load->toSlot, $loads));
        foreach ($froms as $from) {
            foreach (array_filter($tos, fn (int $to): bool => $to > $from) as $to) {
                $budget?->spend(self::STEPS * count($loads));
                $core = self::between($room, $loads, $from, $to);
                if ($core !== null) {
                    return $core;
                }
            }
        }

        return null;
    }

    /**
     * @param  array<int, TurnLoad>  $loads
     * @return ?list<int>
     */
    private static function between(Room $room, array $loads, int $from, int $to): ?array
    {
        $least = array_filter(array_map(fn (TurnLoad $load): int => $load->leastBetween($from, $to), $loads));
        $onA = array_map(fn (TurnLoad $load): float => $load->aAmps, $loads);
        $onB = array_map(fn (TurnLoad $load): float => $load->bAmps, $loads);

        return self::onLeg($room->aAmps, $onA, $least, $to - $from) ?? self::onLeg($room->bAmps, $onB, $least, $to - $from);
    }

    /**
     * @param  array<int, float>  $amps  of each load on the leg
     * @param  array<int, int>  $least  slots in which each is on at least
     * @return ?list<int>
     */
    private static function onLeg(float $free, array $amps, array $least, int $slots): ?array
    {
        $amps = array_filter(array_intersect_key($amps, $least), fn (float $each): bool => $each > 0);
        $ampSlots = 0.0;
        foreach ($amps as $key => $each) {
            $ampSlots += $least[$key] * $each;
        }
        if (Limit::over($ampSlots, $slots * ($free + Limit::SLACK))) {
            return array_keys($amps);
        }
        arsort($amps);
        for ($atOnce = 1; $atOnce <= self::MOST_AT_ONCE; $atOnce++) {
            $large = self::noMoreAtOnceThan($atOnce, $free, $amps);
            if (array_sum(array_intersect_key($least, $large)) > $atOnce * $slots) {
                return array_keys($large);
            }
        }

        return null;
    }

    /**
     * The largest loads as long as one more of them than that, even the smallest, is over the leg.
     *
     * @param  array<int, float>  $amps  falling
     * @return array<int, float>
     */
    private static function noMoreAtOnceThan(int $atOnce, float $free, array $amps): array
    {
        $large = $amps;
        while (count($large) > $atOnce && Limit::within(array_sum(array_slice($large, -$atOnce - 1)), $free)) {
            array_pop($large);
        }

        return count($large) > $atOnce ? $large : [];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Say;

/**
 * The fewest breakers that must move so that two spaces of a panel become free; among those plans the one with the fewest new
 * tandems, then with the fewest circuits that change their leg. Good practice: every breaker that moves is work and a new place to
 * err; NEC 2023 110.3(B), 408.54 for tandems.
 *
 * Proven best: the arrangements are gone through from the cheapest on, none is left out, and each is tried in every order.
 */
final class FewestMoves
{
    public static function of(PanelRoom $room): MovePlan
    {
        if ($room->inTheWay() === []) {
            return MovePlan::by([]);
        }
        if (! Packing::fits($room) || ! self::anythingMoves($room)) {
            return MovePlan::impossible(self::why($room));
        }
        $arrangements = new Arrangements($room);
        for ($moves = count($room->inTheWay()); $moves <= count($room->breakers); $moves++) {
            for ($tandems = 0; $tandems <= $moves; $tandems++) {
                $plan = self::best($arrangements, $moves, $tandems);
                if ($plan !== null) {
                    return MovePlan::by($plan);
                }
            }
        }

        return MovePlan::impossible('The breakers would find room, but in no order is every new place free at its turn.');
    }

    /** @return ?list<Move> with the fewest leg changes; null: there is no plan with so many moves and new tandems */
    private static function best(Arrangements $arrangements, int $moves, int $tandems): ?array
    {
        $best = null;
        $under = $moves + 1;
        for ($changes = $arrangements->leastLegChanges($moves, $tandems); $changes !== null && $changes < $under; $changes++) {
            foreach ($arrangements->of($moves, $tandems, $changes) as [$lifted, $seats]) {
                $order = SeatOrder::of($lifted, $seats, $under);
                if ($order !== null) {
                    $best = $order;
                    $under = MovePlan::by($order)->legChanges();
                }
                if ($under <= $changes) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /** In a full panel only a one-pole breaker that joins another in a tandem can be the first to move. */
    private static function anythingMoves(PanelRoom $room): bool
    {
        $onePoles = array_filter($room->breakers, fn (SeatedBreaker $b): bool => $b->kind() === SeatKind::OnePole);
        $hosts = array_filter($onePoles, fn (SeatedBreaker $b): bool => $room->acceptsTandem($b->space) && ! $room->isNeeded($b->space));

        return $room->freeElsewhere() > 0 || ($hosts !== [] && count($onePoles) > 1);
    }

    private static function why(PanelRoom $room): string
    {
        $takes = array_sum(array_map(fn (SeatedBreaker $b): int => count($b->spaces()), $room->inTheWay()));

        return sprintf(
            'The breakers in spaces %s take %s, and beside them %s free. %s',
            implode(' and ', $room->needs), Say::count($takes, 'space'),
            match ($room->freeElsewhere()) {
                0 => 'none is',
                1 => '1 space is',
                default => $room->freeElsewhere().' spaces are',
            },
            $room->tandemSpaces === []
                ? 'No space is known to accept a tandem breaker. Look at the label, or set a sub-panel.'
                : 'The tandem breakers that this panel accepts do not make room enough. A sub-panel does.',
        );
    }
}

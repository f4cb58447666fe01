<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

/**
 * Whether the breakers of a panel have room at all beside two spaces that stay free, wherever each of them goes.
 * Every number of two-pole and tandem breakers is tried in every column; the one-poles take what is left.
 */
final class Packing
{
    public static function fits(PanelRoom $room): bool
    {
        $count = fn (SeatKind $kind): int => count(array_filter($room->breakers, fn (SeatedBreaker $b): bool => $b->kind() === $kind));

        return self::onePoles($room, $count(SeatKind::TwoPole), $count(SeatKind::Tandem)) >= $count(SeatKind::OnePole);
    }

    /** @return int the most one-pole breakers beside so many others; below 0: those do not even fit */
    private static function onePoles(PanelRoom $room, int $twoPoles, int $tandems): int
    {
        $most = ['0 0' => [0, 0, 0]];
        foreach ([1, 2] as $column) {
            $before = [];
            foreach (range($column, $room->spaces, 2) as $space) {
                $now = [];
                foreach ($room->isNeeded($space) ? [] : self::with($room, $space, $most, $before) as [$two, $tandem, $one]) {
                    if ($two <= $twoPoles && $tandem <= $tandems && $one > ($now["$two $tandem"][2] ?? -1)) {
                        $now["$two $tandem"] = [$two, $tandem, $one];
                    }
                }
                [$before, $most] = $room->isNeeded($space) ? [[], $most] : [$most, $now];
            }
        }

        return $most["$twoPoles $tandems"][2] ?? -1;
    }

    /**
     * @param  array<string, array{int, int, int}>  $most  up to the space before
     * @param  array<string, array{int, int, int}>  $before  up to the one before that, where both are free to be used
     * @return iterable<array{int, int, int}> two-poles, tandems and one-poles with this space filled
     */
    private static function with(PanelRoom $room, int $space, array $most, array $before): iterable
    {
        $accepts = $room->acceptsTandem($space);
        foreach ($most as [$two, $tandem, $one]) {
            yield [$two, $tandem, $one + ($accepts ? 2 : 1)];
            yield from $accepts || $room->occupant($space)?->tandem === true ? [[$two, $tandem + 1, $one]] : [];
        }
        foreach ($before as [$two, $tandem, $one]) {
            yield [$two + 1, $tandem, $one];
        }
    }
}

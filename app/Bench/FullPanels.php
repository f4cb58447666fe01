<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Service\Moves\PanelRoom;
use Underpin\Service\Moves\SeatedBreaker;

/** Full panels of 42 spaces, the same ones each time: one- and two-pole breakers, a few tandems accepted, some spaces free. */
final class FullPanels
{
    private const SPACES = 42;

    /** @return list<PanelRoom> */
    public static function some(int $count): array
    {
        mt_srand(42);

        return array_map(fn (int $n): PanelRoom => self::one($n % 5), range(1, $count));
    }

    private static function one(int $free): PanelRoom
    {
        $breakers = $taken = [];
        $twoPoles = mt_rand(10, 60);
        for ($space = 1; $space <= self::SPACES; $space++) {
            if (isset($taken[$space])) {
                continue;
            }
            $two = mt_rand(0, 99) < $twoPoles && $space + 2 <= self::SPACES && ! isset($taken[$space + 2]);
            $breakers[] = $breaker = new SeatedBreaker("b$space", $space, $two ? 2 : 1, ! $two && mt_rand(0, 9) === 0);
            $taken += array_fill_keys($breaker->spaces(), true);
        }
        $onePoles = array_filter($breakers, fn (SeatedBreaker $b): bool => $b->poles === 1 && $b->space > 4);
        $gone = $free === 0 ? [] : (array) array_rand($onePoles, min($free, count($onePoles)));

        return new PanelRoom(
            self::SPACES, array_values(array_diff_key($breakers, array_flip($gone))), [1, 3],
            array_values(array_filter(range(21, self::SPACES), fn (): bool => mt_rand(0, 2) === 0)),
        );
    }
}

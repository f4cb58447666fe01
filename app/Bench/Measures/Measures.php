<?php

declare(strict_types=1);

namespace App\Bench\Measures;

/** What can be measured, in the order in which all of it is. */
final class Measures
{
    /** Measured only where it is asked for: it brings a browser of its own. */
    private const APART = ['lighthouse'];

    /** @return array<string, Measure> by key */
    public static function all(): array
    {
        $all = [
            new RoleOfACircuit, new SizingSearches, new FirstPage, new LargeSurvey,
            new UtilityFiles, new RecorderHour, new PrintedCard, new Placing,
            new Connecting, new HostileCrowd, new Quoting, new Working,
            new GridOfLoads, new ActedOutages, new Lighthouse,
        ];

        return array_combine(array_map(fn (Measure $measure): string => $measure->key(), $all), $all);
    }

    /** @return list<Measure> all of them that are measured without being named */
    public static function usual(): array
    {
        return array_values(array_diff_key(self::all(), array_flip(self::APART)));
    }
}

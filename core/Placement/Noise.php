<?php

declare(strict_types=1);

namespace Underpin\Placement;

/** How loud machines are at a place, in the open: 6 dB less with each doubling of the distance. Good practice. */
final class Noise
{
    /** feet that a level is stated at where nothing else is said */
    public const USUAL_AT_FT = 23.0;

    /**
     * dB(A): what each is, at so many feet from it, heard so many feet away; several add as powers.
     *
     * @param  non-empty-list<array{db: float, at_ft: float, distance_ft: float}>  $sources  distances over 0
     */
    public static function db(array $sources): float
    {
        $levels = array_map(fn (array $each): float => $each['db'] - 20 * log10($each['distance_ft'] / $each['at_ft']), $sources);

        // The loudest is taken out first: a power of ten of a large level has no room in a number.
        $loudest = max($levels);

        return $loudest + 10 * log10(array_sum(array_map(fn (float $db): float => 10 ** (($db - $loudest) / 10), $levels)));
    }
}

<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;

/** Everything that can be found, in the order in which it is shown. */
final class Finder
{
    /** @return list<Place> */
    private static function places(): array
    {
        return [new Stages, new Circuits, new Actions, new Jobs, new Rules, new TypicalLoads, new PricedParts, new Guide];
    }

    /** @return list<Found> none: nothing is called so */
    public static function find(string $text, User $user, ?Job $open): array
    {
        return $text === '' ? [] : array_merge([], ...array_map(
            fn (Place $place): array => $place->find($text, $user, $open), self::places(),
        ));
    }
}

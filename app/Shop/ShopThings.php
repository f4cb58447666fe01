<?php

declare(strict_types=1);

namespace App\Shop;

use LogicException;

/** Everything of the shop that has a history. */
final class ShopThings
{
    public static function named(string $word): ShopThing
    {
        foreach ([new LibraryLoads, new LocalRulesProfiles, new Machines] as $thing) {
            if ($thing->word() === $word) {
                return $thing;
            }
        }
        throw new LogicException("Nothing of the shop is called '$word'.");
    }
}

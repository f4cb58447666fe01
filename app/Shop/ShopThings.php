<?php

declare(strict_types=1);

namespace App\Shop;

use LogicException;

/** Everything of the shop that has a history. */
final class ShopThings
{
    public static function named(string $word): ShopThing
    {
        foreach (self::all() as $thing) {
            if ($thing->word() === $word) {
                return $thing;
            }
        }
        throw new LogicException("Nothing of the shop is called '$word'.");
    }

    /** Null: nothing of that word comes as a sheet. */
    public static function sheet(string $word): ?SheetThing
    {
        foreach (self::all() as $thing) {
            if ($thing instanceof SheetThing && $thing->word() === $word) {
                return $thing;
            }
        }

        return null;
    }

    /** @return list<ShopThing> */
    private static function all(): array
    {
        return [new LibraryLoads, new LocalRulesProfiles, new Machines, new PartPrices, new TaskPrices, new ShopRanges, new ShopTerms];
    }
}

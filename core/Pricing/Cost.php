<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Connection\Item;
use Underpin\Connection\Need;

/** Money and hours of some needs by a price book; what has no price, and what is not measured, is named and not counted. */
final readonly class Cost
{
    /**
     * @param  float  $usd  of what is priced, work included
     * @param  list<string>  $open  what is not in it
     */
    private function __construct(public float $usd, public float $hours, public array $open)
    {
    }

    /** @param  list<Need>  $needs */
    public static function of(PriceBook $book, array $needs): self
    {
        $usd = $hours = 0.0;
        $open = [];
        foreach ($needs as $need) {
            $price = $book->usd($need->item);
            $usd += ($need->quantity ?? 0.0) * ($price ?? 0.0);
            $hours += ($need->quantity ?? 0.0) * $book->hours($need->item);
            array_push($open, ...$need->quantity === null || $price === null ? [$need->item->words()] : []);
        }
        $rate = $book->usd(Item::Hour);
        array_push($open, ...$rate === null && $hours > 0 ? [Item::Hour->words()] : []);

        return new self($usd + $hours * ($rate ?? 0.0), $hours, array_values(array_unique($open)));
    }
}

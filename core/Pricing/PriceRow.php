<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Connection\Item;

/** What a shop asks for one thing, and the hours that it takes there. Null: not said. */
final readonly class PriceRow
{
    public const MOST_USD = 1_000_000;

    public const MOST_H = 1_000;

    public function __construct(public Item $item, public ?float $usd = null, public ?float $hours = null)
    {
    }
}

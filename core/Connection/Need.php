<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** Something that a way of connecting takes: how much of it; null: it must be measured first. */
final readonly class Need
{
    public function __construct(public Item $item, public ?float $quantity = 1.0)
    {
    }
}

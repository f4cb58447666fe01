<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

/** Whose building it is. */
enum BuildingKind: string
{
    case House = 'house';
    case Other = 'other';
    case Neighbor = 'neighbor';

    public function words(): string
    {
        return match ($this) {
            self::House => 'the house',
            self::Other => 'another building of the customer',
            self::Neighbor => "a neighbor's",
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Keep;

/** How a contact stands. */
enum Wear: int
{
    case Good = 0;
    case Watch = 1;
    case Repair = 2;
    case Now = 3;

    public function words(): string
    {
        return match ($this) {
            self::Good => 'good',
            self::Watch => 'watch',
            self::Repair => 'repair',
            self::Now => 'off, now',
        };
    }
}

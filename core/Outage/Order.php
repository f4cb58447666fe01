<?php

declare(strict_types=1);

namespace Underpin\Outage;

/** In which order somebody brings the circuits on. */
enum Order: string
{
    case Best = 'best';
    case Panel = 'panel';
    case AtOnce = 'at once';

    public function words(): string
    {
        return match ($this) {
            self::Best => 'in the order of the card, with its waits',
            self::Panel => 'down the panel, a breaker after the other without a wait',
            self::AtOnce => 'everything at once',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** When the outage strikes, and who is there. */
enum Scene: string
{
    case Night = 'night';
    case Day = 'day';
    case SomebodyElse = 'somebody-else';

    public function words(): string
    {
        return match ($this) {
            self::Night => 'at night',
            self::Day => 'by day',
            self::SomebodyElse => 'somebody else is at home',
        };
    }

    public function opens(): string
    {
        return match ($this) {
            self::Night => 'Two in the morning, a storm: the power is out. A flashlight, and the card at the panel.',
            self::Day => 'Ten in the morning: the power is out. Whoever is at home begins.',
            self::SomebodyElse => 'You are away, and the power is out. Whoever is at home has never done it: the card is all there is.',
        };
    }
}

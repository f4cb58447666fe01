<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** What readings of the commissioning are taken with. */
enum Instrument: string
{
    case Multimeter = 'multimeter';
    case Controller = 'controller';
    case Manometer = 'manometer';
    case Infrared = 'infrared';
    case Clamp = 'clamp';

    public function words(): string
    {
        return match ($this) {
            self::Multimeter => 'multimeter',
            self::Controller => 'generator controller',
            self::Manometer => 'gas manometer',
            self::Infrared => 'infrared thermometer',
            self::Clamp => 'clamp meter',
        };
    }
}

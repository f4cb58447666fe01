<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Where the service is switched off. */
enum DisconnectPlace: string
{
    case Panel = 'panel';
    case Meter = 'meter';
    case Cabinet = 'cabinet';

    public function words(): string
    {
        return match ($this) {
            self::Panel => 'the main of the panel itself',
            self::Meter => 'a disconnect at the meter',
            self::Cabinet => 'disconnects in a metering cabinet',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

/** What lets air, exhaust and sound through a wall. */
enum OpeningKind: string
{
    case Door = 'door';
    case Window = 'window';
    case Bedroom = 'bedroom';
    case Vent = 'vent';
    case Intake = 'intake';

    public function words(): string
    {
        return match ($this) {
            self::Door => 'door',
            self::Window => 'window',
            self::Bedroom => 'bedroom window',
            self::Vent => 'vent',
            self::Intake => 'air intake',
        };
    }
}

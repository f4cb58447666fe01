<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What a circuit is to the person who lives there, when utility power is out. */
enum Role: string
{
    case Must = 'must';
    case Room = 'room';
    case Off = 'off';

    /** For a button. */
    public function short(): string
    {
        return match ($this) {
            self::Must => 'Must run',
            self::Room => 'With room',
            self::Off => 'Leave off',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Must => 'must run',
            self::Room => 'when there is room',
            self::Off => 'leave off',
        };
    }
}

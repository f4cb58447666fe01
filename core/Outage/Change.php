<?php

declare(strict_types=1);

namespace Underpin\Outage;

/** In what a trial differs from another. */
enum Change: string
{
    case SoftStarter = 'soft';
    case Turns = 'turns';
    case Room = 'room';
    case Order = 'order';
    case Idle = 'idle';
    case Machine = 'machine';
    case Without = 'without';

    /** It could be built or bought for good, or agreed on. */
    public function isRemedy(): bool
    {
        return match ($this) {
            self::SoftStarter, self::Turns, self::Machine, self::Without => true,
            self::Room, self::Order, self::Idle => false,
        };
    }
}

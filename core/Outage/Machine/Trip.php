<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

/** How the power goes in an overload. */
enum Trip: string
{
    case Breaker = 'breaker';
    case Electronic = 'electronic';
    case Stall = 'stall';

    public function words(): string
    {
        return match ($this) {
            self::Breaker => 'The machine\'s breaker opens',
            self::Electronic => 'The machine\'s electronics switch the outlets off',
            self::Stall => 'The engine bogs down and stalls',
        };
    }

    /** It acts on a start, not on what runs for long. */
    public function isMomentary(): bool
    {
        return $this !== self::Breaker;
    }

    /** The engine stands still and has to be started again. */
    public function stops(): bool
    {
        return $this === self::Stall;
    }
}

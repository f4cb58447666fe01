<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

/** What becomes of the circuits of a panel that a sheet does not have. */
enum Others: string
{
    case Stay = 'stay';
    case Go = 'go';

    public function words(): string
    {
        return match ($this) {
            self::Stay => 'stays where it is',
            self::Go => 'is taken out',
        };
    }

    /** Why a circuit would be gone: one that may stay goes only where the sheet puts another breaker in its spaces. */
    public function whyGone(): string
    {
        return match ($this) {
            self::Stay => 'The sheet puts another breaker in that place.',
            self::Go => 'Not in the sheet.',
        };
    }
}

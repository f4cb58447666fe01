<?php

declare(strict_types=1);

namespace Underpin\Legs;

use Underpin\Codebook\SplitPhase;

/** The hot conductor or conductors of a split-phase service that a circuit hangs on. */
enum Leg: string
{
    case A = 'A';
    case B = 'B';
    case AB = 'AB';

    /** Volts across a load on this leg: 120 to neutral, 240 between the legs. */
    public function volts(): int
    {
        return $this === self::AB ? SplitPhase::BETWEEN_LEGS_V : SplitPhase::LEG_V;
    }

    public function onA(): bool
    {
        return $this !== self::B;
    }

    public function onB(): bool
    {
        return $this !== self::A;
    }

    public function words(): string
    {
        return $this === self::AB ? 'legs A and B' : "leg $this->value";
    }
}

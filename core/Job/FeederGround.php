<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What brings a ground fault behind a panel's feeder back to the source. NEC 2023 250.118. */
enum FeederGround: string
{
    case Wire = 'wire';
    case Metal = 'metal';
    case None = 'none';

    public function words(): string
    {
        return match ($this) {
            self::Wire => 'a fourth wire, the ground of its own',
            self::Metal => 'a metal raceway or armor that is its ground',
            self::None => 'none: three wires alone',
        };
    }

    public function isThere(): bool
    {
        return $this !== self::None;
    }
}

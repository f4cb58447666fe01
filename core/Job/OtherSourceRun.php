<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What becomes of solar or a battery while the generator runs. NEC 2023 702.5, 705. */
enum OtherSourceRun: string
{
    case LockedOff = 'locked_off';
    case Listed = 'listed';
    case Relay = 'relay';
    case UtilitySide = 'utility_side';

    /** Somebody must be there, before the generator runs and after. */
    public function isByHand(): bool
    {
        return $this === self::LockedOff;
    }

    public function words(): string
    {
        return match ($this) {
            self::LockedOff => 'its disconnect is locked off',
            self::Listed => 'its equipment is listed and set up to run with this generator',
            self::Relay => 'a listed relay opens it at every transfer, before the generator is on',
            self::UtilitySide => 'it is connected on the utility\'s side of the transfer, and stays with the utility',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What becomes of solar or a battery while the generator runs. NEC 2023 702.5, 705. */
enum OtherSourceRun: string
{
    case LockedOff = 'locked_off';
    case Listed = 'listed';

    public function words(): string
    {
        return match ($this) {
            self::LockedOff => 'its disconnect is locked off',
            self::Listed => 'its equipment is listed and set up to run with this generator',
        };
    }
}

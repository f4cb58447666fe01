<?php

declare(strict_types=1);

namespace Underpin\Job;

enum MachineKind: string
{
    case Portable = 'portable';
    case Parallel = 'parallel';
    case Standby = 'standby';

    public function words(): string
    {
        return match ($this) {
            self::Portable => 'portable',
            self::Parallel => 'two in parallel',
            self::Standby => 'standby',
        };
    }
}

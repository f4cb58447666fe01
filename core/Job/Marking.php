<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What a disconnect ahead of the panels is marked, at the meter as on its door. NEC 2023 230.66, 230.82, 230.85. */
enum Marking: string
{
    case Service = 'service';
    case NotService = 'not_service';

    public function words(): string
    {
        return match ($this) {
            self::Service => 'service disconnect, or suitable for use as service equipment',
            self::NotService => 'not service equipment',
        };
    }
}

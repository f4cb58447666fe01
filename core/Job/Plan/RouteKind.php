<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

/** What is laid along a line of the plan. */
enum RouteKind: string
{
    case Cord = 'cord';
    case Trench = 'trench';
    case Gas = 'gas';

    public function words(): string
    {
        return match ($this) {
            self::Cord => 'cord',
            self::Trench => 'trench or conduit',
            self::Gas => 'gas pipe',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** The part of the day in which a load is used. */
enum PartOfDay: string
{
    case Morning = 'morning';
    case Day = 'day';
    case Evening = 'evening';
    case Night = 'night';

    public function words(): string
    {
        return match ($this) {
            self::Morning => 'mornings',
            self::Day => 'by day',
            self::Evening => 'evenings',
            self::Night => 'at night',
        };
    }
}

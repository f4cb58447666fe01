<?php

declare(strict_types=1);

namespace Underpin\Loads;

/** The part of the day in which a load is used. */
enum PhaseOfUse: string
{
    case Morning = 'morning';
    case Day = 'day';
    case Evening = 'evening';
    case Night = 'night';
}

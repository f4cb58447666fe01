<?php

declare(strict_types=1);

namespace Underpin\Job;

/** How long a load stays on once it is on. */
enum Duty: string
{
    case Continuous = 'continuous';
    case Cycling = 'cycling';
    case ByHand = 'by hand';
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Two ways of beginning; either is right so long as no load is on until the engine is warm. */
enum StartRoutine: string
{
    case WarmFirst = 'warm_first';
    case CordFirst = 'cord_first';

    public function words(): string
    {
        return $this === self::WarmFirst ? 'warm the engine, then connect the cord' : 'connect the cord, then start the engine';
    }
}

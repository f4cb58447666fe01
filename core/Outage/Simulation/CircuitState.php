<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** A breaker at one moment. */
enum CircuitState: int
{
    /** off, or nothing feeds it */
    case Dead = 0;
    /** live, and nothing on it runs */
    case Waits = 1;
    case Runs = 2;
    case Starts = 3;
}

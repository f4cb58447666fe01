<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\ConnectionPart;

/**
 * A circuit that is taken off by itself when the generator has too much, and stays off when its control is lost. NEC 2023 702.4,
 * 750.30.
 */
final readonly class ShedLoad
{
    public const MOST_PRIORITY = 20;

    public const MOST_DELAY_S = 3_600;

    /**
     * @param  int  $priority  1 goes off first and comes back last
     * @param  int  $delayS  seconds until it comes back once there is room
     */
    public function __construct(public string $circuit, public int $priority = 1, public int $delayS = 30)
    {
        ConnectionPart::shedLoad()->guard(['priority' => $priority, 'delay_s' => $delayS]);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Limit;
use Underpin\Refused;
use Underpin\Service\Leg;

/** A load to be brought on: what it runs at and what it draws while it starts, in amperes. */
final readonly class Starter
{
    public function __construct(public string $id, public Leg $leg, public float $runAmps, public float $startAmps)
    {
        if ($runAmps < 0) {
            throw new Refused('run_amps', 'run_amps must not be below 0.');
        }
        if (Limit::over($runAmps, $startAmps)) {
            throw new Refused('start_amps', sprintf('start_amps must be at least run_amps (%s A).', $runAmps));
        }
    }

    /** What the start draws on top of the running current: the part that goes away again. */
    public function surplus(): float
    {
        return $this->startAmps - $this->runAmps;
    }
}

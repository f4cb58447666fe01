<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\MeasuredPart;
use Underpin\Legs\Leg;
use Underpin\Limit;
use Underpin\Refused;

/** What a clamp meter on the mains found when one circuit came on. */
final readonly class Measured
{
    public const MOST_A = 2000.0;

    /**
     * @param  Leg  $leg  where the current rose
     * @param  float  $runAmps  amperes once it had settled
     * @param  float  $startAmps  highest amperes of the start, at least the running ones
     * @param  string  $on  the day, as YYYY-MM-DD; empty: not noted
     * @param  bool  $byHand  read off a meter and typed in
     */
    public function __construct(
        public Leg $leg,
        public float $runAmps,
        public float $startAmps,
        public string $on = '',
        public bool $byHand = false,
    ) {
        MeasuredPart::form()->guard(['run_a' => $runAmps, 'start_a' => $startAmps, 'on' => $on]);
        if (Limit::over($runAmps, $startAmps)) {
            throw new Refused(
                'start_a', sprintf('Starts must be at least the running amperes (%.1f A); %.1f A was given.', $runAmps, $startAmps),
            );
        }
    }

    public function words(): string
    {
        return sprintf('%.1f A running, %.1f A starting on %s', $this->runAmps, $this->startAmps, $this->leg->words());
    }
}

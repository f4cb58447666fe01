<?php

declare(strict_types=1);

namespace Underpin\Loads\Measure;

use Underpin\Limit;
use Underpin\Refused;
use Underpin\Service\Leg;

/** What a clamp meter on the mains found when one circuit came on. */
final readonly class Measured
{
    public const MOST_A = 2000.0;

    /**
     * @param  Leg  $leg  where the current rose
     * @param  float  $runA  amperes once it had settled
     * @param  float  $startA  highest amperes of the start, at least the running ones
     * @param  string  $on  the day, as YYYY-MM-DD; empty: not noted
     * @param  bool  $byHand  read off a meter and typed in
     */
    public function __construct(public Leg $leg, public float $runA, public float $startA, public string $on = '', public bool $byHand = false)
    {
        foreach (['measured_run_a' => $runA, 'measured_start_a' => $startA] as $field => $amps) {
            if ($amps < 0 || $amps > self::MOST_A) {
                throw new Refused($field, sprintf('%s must be from 0 to %s A.', $field, number_format(self::MOST_A)));
            }
        }
        if (Limit::over($runA, $startA)) {
            throw new Refused('measured_start_a', sprintf('measured_start_a must be at least the running amperes (%.1f A).', $runA));
        }
        if ($on !== '' && preg_match('/^\d{4}-\d{2}-\d{2}$/', $on) !== 1) {
            throw new Refused('measured_on', 'measured_on must be a day written as YYYY-MM-DD.');
        }
    }

    public function words(): string
    {
        return sprintf('%.1f A running, %.1f A starting on %s', $this->runA, $this->startA, $this->leg->words());
    }
}

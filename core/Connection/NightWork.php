<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Job\Circuit;

/** What the night asks of the owner: steps, and about how many minutes until what must run is on. Good practice. */
final readonly class NightWork
{
    private const STEP_MIN = 0.5;

    private const WARM_UP_MIN = 4.0;

    private function __construct(public int $steps, public float $minutes)
    {
    }

    public static function of(Way $way, Situation $situation, ?Assembly $assembly): self
    {
        if ($way->transfersByItself()) {
            return new self(0, self::STEP_MIN);
        }
        $on = $way->verdict($situation)->powers;
        $must = array_filter($situation->plan->must, fn (Circuit $c): bool => in_array($c, $on, true));
        $steps = count($way->toGenerator($situation, $assembly)) + count($must);
        $waits = array_sum(array_map(fn (Circuit $c): int => $c->settleS(), $must)) / 60;
        $warms = $situation->supply?->machine->form->isBattery() === true ? 0.0 : self::WARM_UP_MIN;

        return new self($steps, $steps * self::STEP_MIN + $waits + $warms);
    }

    public function words(): string
    {
        return $this->steps === 0 ? 'nothing' : sprintf('%d steps, %d min', $this->steps, (int) ceil($this->minutes));
    }
}

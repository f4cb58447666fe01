<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Job\Circuit;
use Underpin\Legs\Leg;
use Underpin\Limit;
use Underpin\Refused;

/** A load to be brought on: what it runs at and what it draws while it starts, in amperes. */
final readonly class Starter
{
    /** @param  int  $rank  what must come on before others, whatever they start with, has a lower one */
    public function __construct(
        public string $id,
        public Leg $leg,
        public float $runAmps,
        public float $startAmps,
        public int $rank = 0,
    ) {
        if ($runAmps < 0) {
            throw new Refused('run_amps', 'run_amps must not be below 0.');
        }
        if (Limit::over($runAmps, $startAmps)) {
            throw new Refused('start_amps', sprintf('start_amps must be at least run_amps (%s A).', $runAmps));
        }
    }

    public static function of(Circuit $circuit): self
    {
        return self::on($circuit, $circuit->leg());
    }

    /** The same on the hot that a machine has for it. */
    public static function on(Circuit $circuit, Leg $leg): self
    {
        return new self($circuit->id, $leg, $circuit->runAmps(), $circuit->startAmps(), FirstOn::rank($circuit));
    }

    /** What the start draws on top of the running current: the part that goes away again. */
    public function surplus(): float
    {
        return $this->startAmps - $this->runAmps;
    }
}

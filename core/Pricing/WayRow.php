<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Connection\MeterWork;
use Underpin\Connection\NightWork;
use Underpin\Connection\Possible;
use Underpin\Connection\WayVerdict;

/** A way of connecting as a row of the matrix. */
final readonly class WayRow
{
    /** @param  int  $must  how many circuits must run on this job */
    public function __construct(
        public WayVerdict $verdict,
        public Cost $cost,
        public NightWork $night,
        public MeterWork $meter,
        public bool $suits,
        public int $must,
    ) {
    }

    /** How many of those that must run get power. */
    public function powered(): int
    {
        return $this->must - count($this->verdict->dead);
    }

    /**
     * What can be done first, then what leaves nothing dead, what suits the machine, whose money is known whole, and the least of it:
     * what nobody has measured is no reason to be the cheapest.
     *
     * @return array{int, int, bool, bool, int, int}
     */
    public function key(): array
    {
        $possible = match ($this->verdict->possible) {
            Possible::Yes => 0,
            Possible::NotKnown => 1,
            Possible::No => 2,
        };

        return [$possible, count($this->verdict->dead), ! $this->suits, $this->cost->open !== [], $this->cost->sum->cents,
            $this->night->steps];
    }
}

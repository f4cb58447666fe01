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
     * What can be done first, then what leaves nothing dead, what suits the machine, and the least money.
     *
     * @return array{int, int, bool, int, int}
     */
    public function key(): array
    {
        $possible = match ($this->verdict->possible) {
            Possible::Yes => 0,
            Possible::NotKnown => 1,
            Possible::No => 2,
        };

        return [$possible, count($this->verdict->dead), ! $this->suits, $this->cost->sum->cents, $this->night->steps];
    }
}

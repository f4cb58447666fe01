<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

/** What a machine does about too much load, or what too much load does to it. */
interface Protection
{
    /** The legs carry this from now on, until it is said anew; amperes, and seconds from the beginning of the outage. */
    public function carry(float $atS, float $aAmps, float $bAmps): void;

    /** When it acts, if nothing changes; INF: it does not. */
    public function actsAtS(): float;

    /** The engine is off: what was warm cools, and what had acted is put back. */
    public function putBack(float $atS): void;

    public function trip(): Trip;
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

/** When a load goes on and off by itself, as long as its breaker is on. Times are seconds from the beginning of the outage. */
interface Pattern
{
    /** Seconds for which it stays on when it goes on then; INF: for good. */
    public function onS(float $atS): float;

    /** Seconds until it goes on again when it is off then; 0: at once; INF: never. */
    public function offS(float $atS): float;

    /** Seconds until it goes on when its breaker comes on then, after it was dead for so many seconds. */
    public function backS(float $atS, float $deadS): float;
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

/** On as long as its breaker is. */
final class AllTheTime implements Pattern
{
    public function onS(float $atS): float
    {
        return INF;
    }

    public function offS(float $atS): float
    {
        return 0.0;
    }

    public function backS(float $atS, float $deadS): float
    {
        return 0.0;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Loads\Plan;
use Underpin\Service\Multiwire;

/** A way that brings the generator to whole panels: every circuit behind them can be chosen at their breakers. */
trait ReachesPanels
{
    public function isWired(): bool
    {
        return true;
    }

    public function isLastResort(): bool
    {
        return false;
    }

    public function joinsSharedNeutrals(Situation $situation): ?bool
    {
        return (new Multiwire($situation->job->service->panels))->among([], $this->fedPanels($situation));
    }

    public function onGenerator(Situation $situation): Plan
    {
        return $situation->plan;
    }

    public function layout(Situation $situation): ?SwitchLayout
    {
        return null;
    }

    public function reachesMore(): bool
    {
        return true;
    }

    public function leavesUtilityOn(): bool
    {
        return false;
    }

    public function switchesAtPanel(): bool
    {
        return true;
    }

    public function throws(): string
    {
        return 'Breaker';
    }
}

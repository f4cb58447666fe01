<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Panel;

/** A way that takes chosen circuits off the house one by one, by hand: no panel is fed, and all else stays on the utility. */
trait MovesCircuits
{
    public function transfersByItself(): bool
    {
        return false;
    }

    public function fedPanels(Situation $situation): array
    {
        return [];
    }

    public function leavesUtilityOn(): bool
    {
        return true;
    }

    public function switchesAtPanel(): bool
    {
        return false;
    }

    public function inTheWay(Situation $situation): array
    {
        return [];
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return null;
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Stays;
    }
}

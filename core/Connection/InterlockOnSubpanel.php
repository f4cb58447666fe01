<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Job\Panel;

/** The plate on the main of a panel further on: it and what hangs behind it get power, the panels before it stay on the utility. */
final class InterlockOnSubpanel implements Way
{
    use PlateOnMain;

    public function key(): string
    {
        return 'interlock_sub';
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [WayChoice::Panel];
    }

    public function words(): string
    {
        return 'interlock on a sub-panel with a main';
    }

    public function leavesUtilityOn(): bool
    {
        return true;
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        $panels = array_slice($situation->job->service->panels, 1);
        $chosen = array_filter($panels, fn (Panel $p): bool => $p->id === $situation->job->connection->panel);
        $withMain = array_filter($panels, fn (Panel $p): bool => $p->hasMain() === true);

        return array_values($chosen)[0] ?? array_values($withMain)[0] ?? null;
    }

    protected function noPanel(Situation $situation): Reason
    {
        $panels = array_slice($situation->job->service->panels, 1);

        return $panels === []
            ? Reason::stops('There is no panel behind the first one.', Source::practice('survey'), 'no sub-panel')
            : Reason::stops(
                'No panel behind the first one is known to have a main breaker of its own.', Source::nec('702.5(A)'),
                'no sub-panel with a main',
            );
    }
}

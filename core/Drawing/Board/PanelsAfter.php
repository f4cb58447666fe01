<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Job\Panel;

/** Every panel as it will be, with the breakers that move for an interlock in their new spaces. */
final class PanelsAfter implements DesignDrawing
{
    public function key(): string
    {
        return 'panel-after';
    }

    public function title(): string
    {
        return 'Panels after';
    }

    public function sheets(Design $design): array
    {
        return $design->way() === null ? [] : array_map(
            fn (Panel $panel): Drawing => (new PanelBoard(self::after($panel, $design), $design))->drawing()->titled("$panel->name, after"),
            $design->job->service->panels,
        );
    }

    /** The panel as the moves of an interlock leave it, where they can be made. */
    public static function after(Panel $panel, Design $design): Panel
    {
        $situation = $design->situation();
        $plated = $design->way()?->platedPanel($situation);
        if ($plated?->id !== $panel->id || $panel->inTheWayOfInterlock() === []) {
            return $panel;
        }
        $moves = $situation->moves($panel);

        return $moves->plan->isPossible() ? $moves->after() : $panel;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Job\Panel;

/** Each panel that will be another one: with the generator breaker, and what moves for it in its new spaces. */
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
        $plated = $design->way()?->platedPanel($design->situation());

        return $plated === null ? [] : [
            (new PanelBoard(self::after($plated, $design), $design))->drawing()->titled("$plated->name, after"),
        ];
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

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;

/** The panel before and after the moves that free the spaces of an interlock. */
final class MovedBoards implements DesignDrawing
{
    public function key(): string
    {
        return 'panel-moves';
    }

    public function title(): string
    {
        return 'Panel before and after, what moves joined';
    }

    public function sheets(Design $design): array
    {
        $panel = $design->way()?->platedPanel($design->situation());

        return $panel === null || PanelsAfter::after($panel, $design) === $panel
            ? [] : [(new MovedBoard($panel, $design))->drawing()];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Job\Panel;

/** Every panel of a job, each on a sheet of its own. */
final class PanelBoards implements DesignDrawing
{
    public function key(): string
    {
        return 'panels';
    }

    public function title(): string
    {
        return 'Panel boards';
    }

    public function sheets(Design $design): array
    {
        return array_map(
            fn (Panel $panel): Drawing => (new PanelBoard($panel, $design))->drawing(), $design->job->service->panels,
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Job\Connection;
use Underpin\Job\Panel;

/** Every panel as it was found, each on a sheet of its own. */
final class PanelsBefore implements DesignDrawing
{
    public function key(): string
    {
        return 'panel-before';
    }

    public function title(): string
    {
        return 'Panels before';
    }

    public function sheets(Design $design): array
    {
        $asFound = new Design($design->job->with(new Connection), $design->ways);

        return array_map(
            fn (Panel $panel): Drawing => (new PanelBoard($panel, $asFound))->drawing()->titled("$panel->name, before"),
            $design->job->service->panels,
        );
    }
}

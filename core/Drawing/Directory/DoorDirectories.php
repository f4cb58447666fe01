<?php

declare(strict_types=1);

namespace Underpin\Drawing\Directory;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Job\Panel;

/** A directory for the door of every panel. */
final class DoorDirectories implements DesignDrawing
{
    public function key(): string
    {
        return 'directory';
    }

    public function title(): string
    {
        return 'Directories for the doors';
    }

    public function sheets(Design $design): array
    {
        $layout = $design->way()?->layout($design->situation());

        return array_map(
            fn (Panel $panel): Drawing => (new DoorDirectory($panel, $layout))->drawing(), $design->job->service->panels,
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Service;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;

final class ServiceDrawings implements DesignDrawing
{
    public function key(): string
    {
        return 'service';
    }

    public function title(): string
    {
        return 'From the utility to the panels';
    }

    public function sheets(Design $design): array
    {
        return [(new ServiceDrawing($design->distribution()))->drawing()];
    }
}

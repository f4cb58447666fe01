<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;

final class SitePlans implements DesignDrawing
{
    public function key(): string
    {
        return 'site-plan';
    }

    public function title(): string
    {
        return 'Site plan';
    }

    public function sheets(Design $design): array
    {
        return $design->job->plan->isEmpty() ? [] : [(new SitePlanDrawing($design))->drawing()];
    }
}

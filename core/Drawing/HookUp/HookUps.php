<?php

declare(strict_types=1);

namespace Underpin\Drawing\HookUp;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;

/** The hook-up diagram of what will be built. */
final class HookUps implements DesignDrawing
{
    public function key(): string
    {
        return 'hook-up';
    }

    public function title(): string
    {
        return 'Hook-up diagram';
    }

    public function sheets(Design $design): array
    {
        $built = $design->assembly();

        return $built === null || $built->wires() === [] ? [] : [(new HookUp($built))->drawing()];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;

/** The one-line diagram of a design, on one sheet; a draft where it cannot be built yet. */
final class OneLines implements DesignDrawing
{
    public function key(): string
    {
        return 'one-line';
    }

    public function title(): string
    {
        return 'One-line diagram';
    }

    public function sheets(Design $design): array
    {
        return $design->way() === null && $design->supply() === null ? [] : [(new OneLine($design))->drawing()];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use Underpin\Design\Design;

/** A kind of drawing that can be made of every design: a new one is one class more, and its place in Drawings. */
interface DesignDrawing
{
    /** In addresses: small letters and hyphens. */
    public function key(): string;

    public function title(): string;

    /** @return list<Drawing> one a sheet; none where there is nothing to draw yet */
    public function sheets(Design $design): array;
}

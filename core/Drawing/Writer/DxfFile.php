<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Underpin\Drawing\Drawing;

/** For CAD programs: millimetres, one layer for each of the drawing's, text as text. */
final class DxfFile implements Writer
{
    public function extension(): string
    {
        return 'dxf';
    }

    public function mime(): string
    {
        return 'image/vnd.dxf';
    }

    public function write(Drawing $drawing): string
    {
        return DxfCanvas::of($drawing);
    }
}

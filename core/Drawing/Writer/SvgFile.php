<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Underpin\Drawing\Drawing;

final class SvgFile implements Writer
{
    public function extension(): string
    {
        return 'svg';
    }

    public function mime(): string
    {
        return 'image/svg+xml';
    }

    public function write(Drawing $drawing): string
    {
        return SvgPrint::of($drawing);
    }
}

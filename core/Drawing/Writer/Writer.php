<?php

declare(strict_types=1);

namespace Underpin\Drawing\Writer;

use Underpin\Drawing\Drawing;

/** A kind of file that a drawing can be taken along in. */
interface Writer
{
    public function extension(): string;

    public function mime(): string;

    /** The whole file. */
    public function write(Drawing $drawing): string;
}

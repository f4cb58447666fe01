<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;

/** A thing in a drawing. */
interface Element
{
    public function drawOn(Canvas $canvas): void;
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;
use Underpin\Drawing\Ink;

/** One or many traces of one ink. */
final readonly class Path implements Element
{
    /** @param  list<Trace>  $traces */
    public function __construct(public array $traces, public Ink $ink)
    {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->path($this);
    }
}

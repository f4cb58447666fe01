<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;

/** Elements that are one thing, with a name to say aloud. */
final readonly class Group implements Element
{
    /** @param  list<Element>  $elements */
    public function __construct(public string $spoken, public array $elements)
    {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->group($this);
    }
}

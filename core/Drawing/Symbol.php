<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use Underpin\Drawing\Element\Element;

/** A sign of the trade, drawn once around its own origin and placed as often as it is needed. */
final readonly class Symbol
{
    /** @param  list<Element>  $elements */
    public function __construct(public string $name, public array $elements)
    {
    }
}

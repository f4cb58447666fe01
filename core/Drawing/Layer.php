<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use LogicException;
use Underpin\Drawing\Element\Element;

/** What belongs together in a drawing, and is shown or hidden together in a CAD program. */
final readonly class Layer
{
    /** @param  list<Element>  $elements  from the ground up */
    public function __construct(public string $name, public array $elements)
    {
        if (preg_match('/^[a-z][a-z-]{0,30}$/D', $name) !== 1) {
            throw new LogicException("'$name' is no name for a layer: small letters and hyphens only.");
        }
    }
}

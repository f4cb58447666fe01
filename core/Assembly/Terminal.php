<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** Where a conductor ends: a screw, a lug or a bar of a component. */
final readonly class Terminal
{
    /** @param  string  $component  id of it */
    public function __construct(public string $component, public string $name)
    {
    }
}

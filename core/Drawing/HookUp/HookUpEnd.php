<?php

declare(strict_types=1);

namespace Underpin\Drawing\HookUp;

/** An end of a wire on a hook-up diagram: a terminal by its name, on a box. */
final readonly class HookUpEnd
{
    public function __construct(public string $box, public string $name)
    {
    }
}

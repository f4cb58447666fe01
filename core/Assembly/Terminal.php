<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** Where a conductor ends: a screw, a lug or a bar of a component. */
final readonly class Terminal
{
    /**
     * @param  string  $component  id of it
     * @param  bool  $isSplice  joined to another conductor, with no screw that has a torque
     */
    public function __construct(public string $component, public string $name, public bool $isSplice = false)
    {
    }
}

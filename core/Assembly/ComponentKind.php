<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** What a component is. */
enum ComponentKind: string
{
    case Generator = 'generator';
    case Outlet = 'outlet';
    case Inlet = 'inlet';
    case Breaker = 'breaker';
    case Interlock = 'interlock';
    case Switch = 'switch';
    case Panel = 'panel';
    case Appliance = 'appliance';
    case Box = 'box';
}

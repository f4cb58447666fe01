<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** What a component is. */
enum ComponentKind: string
{
    case Utility = 'utility';
    case Disconnect = 'disconnect';
    case Generator = 'generator';
    case Outlet = 'outlet';
    case Inlet = 'inlet';
    case Breaker = 'breaker';

    /** the main breaker of a panel */
    case Main = 'main';

    /** a breaker of a branch circuit or a feeder in the house's panel */
    case Circuit = 'circuit';
    case Interlock = 'interlock';
    case Switch = 'switch';
    case Panel = 'panel';
    case Appliance = 'appliance';
    case Box = 'box';
    case Electrode = 'electrode';

    /** a surge protector */
    case Surge = 'surge';
}

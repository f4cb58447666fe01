<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** What can be thrown, plugged, pulled or waited for. */
enum HandleKind: string
{
    case Main = 'main';
    case Plate = 'plate';
    case Generator = 'generator';
    case Lever = 'lever';

    /** a breaker of the panel, a place of a switch, or an appliance on a cord */
    case Circuit = 'circuit';
    case CordAtInlet = 'cord-inlet';
    case CordAtMachine = 'cord-machine';
    case Spot = 'spot';
    case Valve = 'valve';
    case Choke = 'choke';
    case Idle = 'idle';
    case Engine = 'engine';
    case Refuel = 'refuel';
    case Wait = 'wait';

    /** hours go by, and the utility is there again */
    case UtilityBack = 'utility-back';
    case TakeBack = 'take-back';
}

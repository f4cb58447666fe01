<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** What kind of thing is ordered. */
enum PartKind: string
{
    case Cord = 'cord';
    case Inlet = 'inlet';
    case Breaker = 'breaker';
    case Interlock = 'interlock';
    case Switch = 'switch';
    case Panel = 'panel';
    case Conductor = 'conductor';
    case Ground = 'ground';
    case Raceway = 'raceway';
    case Fitting = 'fitting';
    case Box = 'box';
    case Label = 'label';
    case Protection = 'protection';
    case Fuel = 'fuel';
    case Tank = 'tank';
    case Pad = 'pad';
    case Other = 'other';
}

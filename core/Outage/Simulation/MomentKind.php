<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** What happens in an outage that is worth a line. */
enum MomentKind: string
{
    case Lost = 'utility lost';
    case Ready = 'machine carries';
    case On = 'brought on';
    case Off = 'turned off';
    case Turn = 'turns taken';
    case Trip = 'overload';
    case LeftOff = 'left off';
    case Refuelling = 'refuelling';
    case Fetched = 'fuel fetched';
    case Dry = 'out of fuel';
    case Shed = 'shed';
    case ShedBack = 'back on';
    case Nobody = 'nobody there';
    case Back = 'utility back';

    /** The finding tone it is shown in. */
    public function tone(): string
    {
        return match ($this) {
            self::Trip, self::Dry => 'danger',
            self::LeftOff, self::Nobody, self::Shed => 'wrong',
            self::Ready, self::Back => 'good',
            default => 'advice',
        };
    }
}

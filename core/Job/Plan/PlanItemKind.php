<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

/** What else stands on a site, or hangs on a wall. */
enum PlanItemKind: string
{
    case GasMeter = 'gas_meter';
    case GasRegulator = 'gas_regulator';
    case Service = 'service';
    case Panel = 'panel';
    case Inlet = 'inlet';
    case Tank = 'tank';
    case BuriedTank = 'buried_tank';
    case Equipment = 'equipment';
    case Fence = 'fence';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::GasMeter => 'gas meter',
            self::GasRegulator => 'gas regulator',
            self::Service => 'service',
            self::Panel => 'panel',
            self::Inlet => 'inlet',
            self::Tank => 'propane tank above ground',
            self::BuriedTank => 'propane tank, buried',
            self::Equipment => 'other equipment',
            self::Fence => 'fence, hedge or tree',
            self::Other => 'something else',
        };
    }

    /** Nothing of it is above ground where one works or breathes. */
    public function isFlat(): bool
    {
        return $this === self::BuriedTank;
    }
}

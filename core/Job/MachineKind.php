<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What a source is, as far as its handling differs. */
enum MachineKind: string
{
    case Portable = 'portable';
    case Inverter = 'inverter';
    case Parallel = 'parallel';
    case Battery = 'battery';
    case BatteryPair = 'battery_pair';
    case Standby = 'standby';
    case StandbyLiquid = 'standby_liquid';

    public function words(): string
    {
        return match ($this) {
            self::Portable => 'open-frame portable',
            self::Inverter => 'inverter portable',
            self::Parallel => 'two in parallel',
            self::Battery => 'battery station',
            self::BatteryPair => 'two battery stations, joined for 240 V',
            self::Standby => 'standby, air-cooled',
            self::StandbyLiquid => 'standby, liquid-cooled',
        };
    }

    /** It stays where it was set. */
    public function isStandby(): bool
    {
        return $this === self::Standby || $this === self::StandbyLiquid;
    }

    /** It has no engine: nothing burns. */
    public function isBattery(): bool
    {
        return $this === self::Battery || $this === self::BatteryPair;
    }

    /** Two that are joined. */
    public function isPair(): bool
    {
        return $this === self::Parallel || $this === self::BatteryPair;
    }

    /** Electronics make its voltage: a fault draws hardly more than its rating. */
    public function isInverter(): bool
    {
        return $this === self::Inverter || $this === self::Parallel || $this->isBattery();
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** What an instrument can be asked for. */
enum Quantity: string
{
    case BetweenLegs = 'between-legs';
    case LegA = 'leg-a';
    case LegB = 'leg-b';
    case NeutralToGround = 'neutral-to-ground';
    case LowestVolts = 'lowest-volts';
    case BatteryVolts = 'battery-volts';
    case Hertz = 'hertz';
    case RecoveryS = 'recovery-s';
    case TransferS = 'transfer-s';
    case ReturnMin = 'return-min';
    case CoolDownMin = 'cool-down-min';
    case GasPressure = 'gas-pressure';
    case AmpsA = 'amps-a';
    case AmpsB = 'amps-b';
    case TerminalDifference = 'terminal-difference';

    /** What it is read with. */
    public function instrument(): Instrument
    {
        return match ($this) {
            self::BetweenLegs, self::LegA, self::LegB, self::NeutralToGround, self::LowestVolts,
            self::BatteryVolts => Instrument::Multimeter,
            self::Hertz, self::RecoveryS, self::TransferS, self::ReturnMin, self::CoolDownMin => Instrument::Controller,
            self::GasPressure => Instrument::Manometer,
            self::AmpsA, self::AmpsB => Instrument::Clamp,
            self::TerminalDifference => Instrument::Infrared,
        };
    }
}

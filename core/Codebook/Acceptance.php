<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/**
 * Between what a reading of the commissioning must lie. Good practice: the label on the part comes first, then what the shop has set.
 */
enum Acceptance: string
{
    case BetweenLegs = 'between-legs';
    case ToNeutral = 'to-neutral';
    case ToNeutralLoaded = 'to-neutral-loaded';
    case HertzElectronic = 'hertz-electronic';
    case HertzGoverned = 'hertz-governed';
    case DipPct = 'dip';
    case Recovery = 'recovery';
    case Transfer = 'transfer';
    case NaturalGas = 'natural-gas';
    case Propane = 'propane';
    case BatteryFloat = 'battery-float';
    case BatteryCranking = 'battery-cranking';
    case NeutralToGround = 'neutral-to-ground';
    case ReturnToUtility = 'return';
    case CoolDown = 'cool-down';
    case LikeTerminals = 'like-terminals';

    /** In the unit of the reading; null: open at that end. */
    public function low(): ?float
    {
        return $this->row()[0];
    }

    public function high(): ?float
    {
        return $this->row()[1];
    }

    /** What it is a range of. */
    public function words(): string
    {
        return $this->row()[2];
    }

    /** @return array{?float, ?float, string} */
    private function row(): array
    {
        return match ($this) {
            self::BetweenLegs => [228.0, 252.0, 'volts between the legs, no load (240 V ± 5 %)'],
            self::ToNeutral => [114.0, 126.0, 'volts of a leg to neutral, no load (120 V ± 5 %)'],
            self::ToNeutralLoaded => [108.0, 132.0, 'volts of a leg to neutral under load (120 V ± 10 %)'],
            self::HertzElectronic => [59.5, 60.5, 'hertz, electronic'],
            self::HertzGoverned => [59.5, 62.5, 'hertz, mechanical governor, no load'],
            self::DipPct => [null, 30.0, 'per cent of the volts lost while the largest motor starts'],
            self::Recovery => [null, 5.0, 'seconds until the volts are back after a start'],
            self::Transfer => [10.0, 60.0, 'seconds from the outage to the transfer'],
            self::NaturalGas => [3.5, 7.0, 'inches of water column, natural gas at the machine'],
            self::Propane => [11.0, 14.0, 'inches of water column, propane vapor at the machine'],
            self::BatteryFloat => [13.2, 13.8, 'volts of the starting battery, charging'],
            self::BatteryCranking => [9.6, null, 'volts of the starting battery while it cranks'],
            self::NeutralToGround => [null, 3.0, 'volts from neutral to ground at the panel, under load'],
            self::ReturnToUtility => [0.1, 30.0, 'minutes of steady utility until the return'],
            self::CoolDown => [3.0, 5.0, 'minutes that the engine runs on without load'],
            self::LikeTerminals => [null, 3.0, '°C between like terminals after half an hour of load'],
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

/**
 * What the ways of connecting take, as a shop's price book prices it: parts with the hours that they usually cost.
 * The hours are good practice; the shop's own come first. Prices are the shop's alone.
 */
enum Item: string
{
    case Visit = 'visit';
    case Permit = 'permit';
    case InterlockKit = 'interlock-kit';
    case BackfedBreaker = 'back-fed-breaker';
    case BreakerMoved = 'breaker-moved';
    case Tandem = 'tandem';
    case Inlet20 = 'inlet-20';
    case Inlet30 = 'inlet-30';
    case Inlet50 = 'inlet-50';
    case Cord20 = 'cord-20';
    case Cord30 = 'cord-30';
    case Cord50 = 'cord-50';
    case ExtensionCord = 'extension-cord';
    case AttachedCord = 'attached-cord';
    case Run30 = 'run-30';
    case Run60 = 'run-60';
    case Run100 = 'run-100';
    case Run200 = 'run-200';
    case Run400 = 'run-400';
    case ControlRun = 'control-run';
    case Switch4 = 'switch-4';
    case Switch6 = 'switch-6';
    case Switch8 = 'switch-8';
    case Switch10 = 'switch-10';
    case Switch12 = 'switch-12';
    case SwitchMeters = 'switch-meters';
    case CircuitMoved = 'circuit-moved';
    case JunctionBox = 'junction-box';
    case TransferSubpanel = 'transfer-subpanel';
    case FeederBreaker = 'feeder-breaker';
    case WholeHouse200 = 'whole-house-200';
    case WholeHouse400 = 'whole-house-400';
    case TransferMain = 'transfer-main';
    case MeterAdapter = 'meter-adapter';
    case SingleSwitch = 'single-switch';
    case Automatic100 = 'automatic-100';
    case Automatic200 = 'automatic-200';
    case Automatic400 = 'automatic-400';
    case ServiceAutomatic200 = 'service-automatic-200';
    case ServiceAutomatic400 = 'service-automatic-400';
    case TapBox = 'tap-box';
    case ShedRelay = 'shed-relay';
    case BecomesSub = 'becomes-sub';
    case SurgeProtector = 'surge-protector';
    case StandbySet = 'standby-set';
    case Hour = 'hour';

    public function words(): string
    {
        return $this->row()[0];
    }

    /** "each", "ft" or "h" */
    public function unit(): string
    {
        return $this->row()[1];
    }

    /** Hours that one of it usually costs. */
    public function usualHours(): float
    {
        return $this->row()[2];
    }

    /** The inlet of that rating. */
    public static function inlet(int $amps): self
    {
        return match (true) {
            $amps <= 20 => self::Inlet20,
            $amps <= 30 => self::Inlet30,
            default => self::Inlet50,
        };
    }

    /** A foot of cord of that rating. */
    public static function cord(int $amps): self
    {
        return match (true) {
            $amps <= 20 => self::Cord20,
            $amps <= 30 => self::Cord30,
            default => self::Cord50,
        };
    }

    /** A foot of wire and conduit for that many amperes. */
    public static function run(int $amps): self
    {
        return match (true) {
            $amps <= 30 => self::Run30,
            $amps <= 60 => self::Run60,
            $amps <= 100 => self::Run100,
            $amps <= 200 => self::Run200,
            default => self::Run400,
        };
    }

    /** @return array{string, string, float} words, unit, hours */
    private function row(): array
    {
        return match ($this) {
            self::Visit => ['site visit, test, and showing the owner', 'each', 2.0],
            self::Permit => ['permit', 'each', 0.5],
            self::InterlockKit => ['interlock kit for this panel', 'each', 0.5],
            self::BackfedBreaker => ['two-pole breaker with hold-down', 'each', 0.3],
            self::BreakerMoved => ['breaker moved to another space', 'each', 0.25],
            self::Tandem => ['tandem breaker', 'each', 0.2],
            self::Inlet20 => ['inlet box, 20 A', 'each', 1.0],
            self::Inlet30 => ['inlet box, 30 A', 'each', 1.0],
            self::Inlet50 => ['inlet box, 50 A', 'each', 1.25],
            self::Cord20 => ['cord with ends, 20 A', 'ft', 0.0],
            self::Cord30 => ['cord with ends, 30 A', 'ft', 0.0],
            self::Cord50 => ['cord with ends, 50 A', 'ft', 0.0],
            self::ExtensionCord => ['outdoor extension cord, 12 AWG', 'each', 0.0],
            self::AttachedCord => ['box and strain relief for a cord that stays', 'each', 1.0],
            self::Run30 => ['wire and conduit, up to 30 A', 'ft', 0.06],
            self::Run60 => ['wire and conduit, up to 60 A', 'ft', 0.07],
            self::Run100 => ['wire and conduit, up to 100 A', 'ft', 0.09],
            self::Run200 => ['wire and conduit, up to 200 A', 'ft', 0.14],
            self::Run400 => ['wire and conduit, up to 400 A', 'ft', 0.25],
            self::ControlRun => ['sensing and control wires in a raceway of their own', 'ft', 0.04],
            self::Switch4 => ['manual switch, 4 places', 'each', 2.0],
            self::Switch6 => ['manual switch, 6 places', 'each', 2.0],
            self::Switch8 => ['manual switch, 8 places', 'each', 2.25],
            self::Switch10 => ['manual switch, 10 places', 'each', 2.25],
            self::Switch12 => ['manual switch, 12 places', 'each', 2.5],
            self::SwitchMeters => ['wattmeters in the switch', 'each', 0.0],
            self::CircuitMoved => ['circuit moved to the switch', 'each', 0.4],
            self::JunctionBox => ['junction box beside the panel', 'each', 0.75],
            self::TransferSubpanel => ['transfer panel as a sub-panel', 'each', 3.5],
            self::FeederBreaker => ['feeder breaker in the panel', 'each', 0.3],
            self::WholeHouse200 => ['manual whole-house switch, up to 200 A', 'each', 6.0],
            self::WholeHouse400 => ['manual whole-house switch, 400 A', 'each', 9.0],
            self::TransferMain => ['transfer panel in place of the main panel', 'each', 10.0],
            self::MeterAdapter => ['meter-socket adapter', 'each', 1.0],
            self::SingleSwitch => ['transfer switch at one load', 'each', 1.25],
            self::Automatic100 => ['automatic switch, 100 A', 'each', 4.0],
            self::Automatic200 => ['automatic switch, 200 A', 'each', 5.0],
            self::Automatic400 => ['automatic switch, 400 A', 'each', 8.0],
            self::ServiceAutomatic200 => ['automatic service-entrance switch, up to 200 A', 'each', 7.0],
            self::ServiceAutomatic400 => ['automatic service-entrance switch, 400 A', 'each', 11.0],
            self::TapBox => ['trough with taps', 'each', 4.0],
            self::ShedRelay => ['load-shedding relay', 'each', 0.75],
            self::BecomesSub => ['neutrals and grounds parted in what was the service panel', 'each', 3.0],
            self::SurgeProtector => ['surge protector', 'each', 0.5],
            self::StandbySet => ['standby set on its pad, connected and started', 'each', 8.0],
            self::Hour => ['hour of work', 'h', 0.0],
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/**
 * Work that a job takes, as a shop's price book knows it. The hours are good practice; the shop's own come first, and what else it
 * costs (a fee, a hired machine) is the shop's alone.
 */
enum Task: string
{
    case Visit = 'visit';
    case Travel = 'travel';
    case Permit = 'permit';
    case Interlock = 'interlock-kit';
    case Breaker = 'back-fed-breaker';
    case BreakerMoved = 'breaker-moved';
    case Tandem = 'tandem';
    case Inlet30 = 'inlet-30';
    case Inlet50 = 'inlet-50';
    case AttachedCord = 'attached-cord';
    case Run30 = 'run-30';
    case Run60 = 'run-60';
    case Run100 = 'run-100';
    case Run200 = 'run-200';
    case Run400 = 'run-400';
    case Trench = 'trench';
    case ControlRun = 'control-run';
    case ManualSwitch = 'manual-switch';
    case CircuitMoved = 'circuit-moved';
    case JunctionBox = 'junction-box';
    case TransferSubpanel = 'transfer-subpanel';
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
    case Taps = 'tap-box';
    case ShedRelay = 'shed-relay';
    case BecomesSub = 'becomes-sub';
    case SurgeProtector = 'surge-protector';
    case Electrode = 'electrode';
    case StandbySet = 'standby-set';
    case Sign = 'sign';

    public function words(): string
    {
        return $this->row()[0];
    }

    /** "each" or "ft" */
    public function unit(): string
    {
        return $this->row()[1];
    }

    /** Hours that one of it usually takes. */
    public function usualHours(): float
    {
        return $this->row()[2];
    }

    public static function inlet(int $amps): self
    {
        return $amps <= 30 ? self::Inlet30 : self::Inlet50;
    }

    /** A foot of conductors and what they lie in, for that many amperes. */
    public static function run(float $amps): self
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
            self::Travel => ['travel', 'each', 0.0],
            self::Permit => ['permit', 'each', 0.5],
            self::Interlock => ['interlock kit fitted', 'each', 0.5],
            self::Breaker => ['breaker set and wired', 'each', 0.3],
            self::BreakerMoved => ['breaker moved to another space', 'each', 0.25],
            self::Tandem => ['two breakers changed for a tandem', 'each', 0.2],
            self::Inlet30 => ['inlet box mounted, up to 30 A', 'each', 1.0],
            self::Inlet50 => ['inlet box mounted, over 30 A', 'each', 1.25],
            self::AttachedCord => ['box and strain relief for a cord that stays', 'each', 1.0],
            self::Run30 => ['wire and raceway or cable laid, up to 30 A', 'ft', 0.06],
            self::Run60 => ['wire and raceway or cable laid, up to 60 A', 'ft', 0.07],
            self::Run100 => ['wire and raceway or cable laid, up to 100 A', 'ft', 0.09],
            self::Run200 => ['wire and raceway or cable laid, up to 200 A', 'ft', 0.14],
            self::Run400 => ['wire and raceway or cable laid, over 200 A', 'ft', 0.25],
            self::Trench => ['trench dug and closed', 'ft', 0.08],
            self::ControlRun => ['sensing and control wires in a raceway of their own', 'ft', 0.04],
            self::ManualSwitch => ['manual switch mounted', 'each', 2.25],
            self::CircuitMoved => ['circuit moved', 'each', 0.4],
            self::JunctionBox => ['junction box beside the panel', 'each', 0.75],
            self::TransferSubpanel => ['transfer panel as a sub-panel', 'each', 3.5],
            self::WholeHouse200 => ['manual whole-house switch, up to 200 A', 'each', 6.0],
            self::WholeHouse400 => ['manual whole-house switch, over 200 A', 'each', 9.0],
            self::TransferMain => ['transfer panel in place of the main panel', 'each', 10.0],
            self::MeterAdapter => ['meter-socket adapter, with the utility', 'each', 1.0],
            self::SingleSwitch => ['transfer switch at one load', 'each', 1.25],
            self::Automatic100 => ['automatic switch, up to 100 A', 'each', 4.0],
            self::Automatic200 => ['automatic switch, up to 200 A', 'each', 5.0],
            self::Automatic400 => ['automatic switch, over 200 A', 'each', 8.0],
            self::ServiceAutomatic200 => ['automatic service-entrance switch, up to 200 A', 'each', 7.0],
            self::ServiceAutomatic400 => ['automatic service-entrance switch, over 200 A', 'each', 11.0],
            self::Taps => ['trough with taps', 'each', 4.0],
            self::ShedRelay => ['load-shedding relay', 'each', 0.75],
            self::BecomesSub => ['neutrals and grounds parted in what was the service panel', 'each', 3.0],
            self::SurgeProtector => ['surge protector', 'each', 0.5],
            self::Electrode => ['electrode driven and joined', 'each', 0.75],
            self::StandbySet => ['standby set on its pad, connected and started', 'each', 8.0],
            self::Sign => ['sign printed and put up', 'each', 0.05],
        };
    }
}

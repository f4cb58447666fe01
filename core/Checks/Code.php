<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\StageKey;

/** Everything that the review can find: at which stage it is mended, how bad it is, and by which rule. */
enum Code: string
{
    case AfciLost = 'AFCI_LOST';
    case AutoUnderLoad = 'AUTO_UNDER_LOAD';
    case Backfeed = 'BACKFEED';
    case BendsOver = 'BENDS_OVER';
    case BondedGfciTrip = 'BONDED_GFCI_TRIP';
    case BreakerOverCord = 'BREAKER_OVER_CORD';
    case BreakerOverInlet = 'BREAKER_OVER_INLET';
    case BreakerOverSwitch = 'BREAKER_OVER_SWITCH';
    case BreakerOverWire = 'BREAKER_OVER_WIRE';
    case BreakerPoles = 'BREAKER_POLES';
    case BurialShallow = 'BURIAL_SHALLOW';
    case CalculationNotAccepted = 'CALCULATION_NOT_ACCEPTED';
    case CalculationNotDone = 'CALCULATION_NOT_DONE';
    case CircuitOverSwitch = 'CIRCUIT_OVER_SWITCH';
    case CoAlarm = 'CO_ALARM';
    case CollarUnapproved = 'COLLAR_UNAPPROVED';
    case ConnectionNotPossible = 'CONNECTION_NOT_POSSIBLE';
    case ConnectionOpen = 'CONNECTION_OPEN';
    case ContinuousOverBreaker = 'CONTINUOUS_OVER_BREAKER';
    case ControlWithPower = 'CONTROL_WITH_POWER';
    case CordShort = 'CORD_SHORT';
    case CordUnderOutlet = 'CORD_UNDER_OUTLET';
    case DoubleBond = 'DOUBLE_BOND';
    case DropLong = 'DROP_LONG';
    case EngineIndoors = 'INDOORS';
    case ExistingBondInSubpanel = 'EXISTING_BOND_IN_SUBPANEL';
    case ExistingBreakerLoose = 'EXISTING_BREAKER_LOOSE';
    case ExistingCordLost = 'EXISTING_CORD_LOST';
    case ExistingEngineClose = 'EXISTING_ENGINE_CLOSE';
    case ExistingInletOutOfReach = 'EXISTING_INLET_OUT_OF_REACH';
    case ExistingLooseBox = 'EXISTING_LOOSE_BOX';
    case ExistingMaleCord = 'EXISTING_MALE_CORD';
    case ExistingNeverRun = 'EXISTING_NEVER_RUN';
    case ExistingNoLabels = 'EXISTING_NO_LABELS';
    case ExistingNothingBetween = 'EXISTING_NOTHING_BETWEEN';
    case ExistingPinsExposed = 'EXISTING_PINS_EXPOSED';
    case ExistingReceptacleSmall = 'EXISTING_RECEPTACLE_SMALL';
    case ExistingStandbyDistance = 'EXISTING_STANDBY_DISTANCE';
    case ExistingTwoBonds = 'EXISTING_TWO_BONDS';
    case FaultOverWithstand = 'FAULT_OVER_WITHSTAND';
    case FaultOverBreakers = 'FAULT_OVER_BREAKERS';
    case SettingsCrossed = 'SETTINGS_CROSSED';
    case SettingsUnusual = 'SETTINGS_UNUSUAL';
    case FeedOverloaded = 'FEED_OVERLOADED';
    case Feeder115 = 'FEEDER_115';
    case FeederOverloaded = 'FEEDER_OVERLOADED';
    case FiguresMissing = 'FIGURES_MISSING';
    case FuelNotHere = 'FUEL_NOT_HERE';
    case GasMeterSmall = 'GAS_METER';
    case GasPipeSmall = 'GAS_PIPE';
    case GeneratorUnlisted = 'GENERATOR_UNLISTED';
    case HoldDown = 'HOLD_DOWN';
    case HouseNear = 'CO_HOUSE';
    case InletExposed = 'INLET_EXPOSED';
    case InletLoose = 'INLET_LOOSE';
    case InletSmallFuture = 'INLET_SMALL_FUTURE';
    case InletUnderOutlet = 'INLET_UNDER_OUTLET';
    case InletWet = 'INLET_WET';
    case InterlockPlace = 'INTERLOCK_PLACE';
    case InterlockSpacesTaken = 'INTERLOCK_SPACES_TAKEN';
    case InterlockUnlisted = 'INTERLOCK_UNLISTED';
    case LabelInlet = 'LABEL_INLET';
    case LabelPanel = 'LABEL_PANEL';
    case LabelService = 'LABEL_SERVICE';
    case LegContradicts = 'LEG_CONTRADICTS';
    case LegOverInlet = 'LEG_OVER_INLET';
    case LegsUneven = 'LEGS_UNEVEN';
    case LoadOverBreaker = 'LOAD_OVER_BREAKER';
    case MaleMale = 'MALE_MALE';
    case MedicalLeftOff = 'MEDICAL_LEFT_OFF';
    case MedicalNotBridged = 'MEDICAL_NOT_BRIDGED';
    case MultiwireOn120 = 'MWBC_120';
    case MultiwireOneLeg = 'MULTIWIRE_ONE_LEG';
    case NeutralInSubpanel = 'NEUTRAL_IN_SUBPANEL';
    case NeutralLeftBehind = 'NEUTRAL_LEFT_BEHIND';
    case NeutralNotKnown = 'NEUTRAL_NOT_KNOWN';
    case NoBond = 'NO_BOND';
    case NoElectrode = 'NO_ELECTRODE';
    case NoFaultPath = 'NO_FAULT_PATH';
    case NoGroundWire = 'NO_GROUND_WIRE';
    case NoPermit = 'NO_PERMIT';
    case NoServiceBond = 'NO_SERVICE_BOND';
    case NoTwoFortyVolts = 'NO_240_VOLTS';
    case NotLevel = 'NOT_LEVEL';
    case NotMeasured = 'NOT_MEASURED';
    case NotServiceRated = 'NOT_SERVICE_RATED';
    case NothingMustRun = 'NOTHING_MUST_RUN';
    case Only120 = 'VOLTS_120_ONLY';
    case OpeningNear = 'CO_OPENING';
    case OtherSource = 'OTHER_SOURCE';
    case OtherSourceByHand = 'OTHER_SOURCE_BY_HAND';
    case OtherSourceDisconnect = 'OTHER_SOURCE_DISCONNECT';
    case OtherSourceNotLooked = 'OTHER_SOURCE_NOT_LOOKED';
    case OverRun = 'OVER_RUN';
    case OverSurge = 'OVER_SURGE';
    case RacewayFull = 'RACEWAY_FULL';
    case ReceptacleUnderBreaker = 'RECEPTACLE_UNDER_BREAKER';
    case ReceptacleUnderLoad = 'RECEPTACLE_UNDER_LOAD';
    case RecordedPeakDoubtful = 'RECORDED_PEAK_DOUBTFUL';
    case RestartOverSurge = 'RESTART_OVER_SURGE';
    case ServiceSpace = 'SERVICE_SPACE';
    case SnowFlood = 'SNOW_FLOOD';
    case PropertyNear = 'PROPERTY_NEAR';
    case GasNear = 'GAS_NEAR';
    case NoiseOver = 'NOISE_OVER';
    case TankVapourShort = 'TANK_VAPOUR_SHORT';
    case TankNear = 'TANK_NEAR';
    case InletReach = 'INLET_REACH';
    case SplicesForbidden = 'SPLICES_FORBIDDEN';
    case StartMissing = 'START_MISSING';
    case StopSwitch = 'STOP_SWITCH';
    case SwitchUnderService = 'SWITCH_UNDER_SERVICE';
    case TandemNotAccepted = 'TANDEM_NOT_ACCEPTED';
    case ThreeWireFeeder = 'THREE_WIRE_FEEDER';
    case WallNear = 'WALL_CLOSE';
    case WireNotFound = 'WIRE_NOT_FOUND';
    case WireUnderOutlet = 'WIRE_UNDER_OUTLET';
    case WiringWet = 'WIRING_WET';

    public function stage(): StageKey
    {
        return $this->row()[0];
    }

    public function severity(): Severity
    {
        return $this->row()[1];
    }

    public function source(): Source
    {
        return $this->row()[2];
    }

    /** @return array{StageKey, Severity, Source} */
    private function row(): array
    {
        $danger = Severity::Danger;
        $wrong = Severity::Wrong;
        $advice = Severity::Advice;

        return match ($this) {
            self::ExistingBondInSubpanel => [StageKey::Survey, $danger, Source::nec('250.24, 250.28, 250.32(B)(1), 250.142')],
            self::ExistingBreakerLoose => [StageKey::Survey, $wrong, Source::nec('408.36(D)')],
            self::ExistingCordLost => [StageKey::Survey, $advice, Source::practice('readiness')],
            self::ExistingEngineClose => [StageKey::Survey, $danger, Source::practice('carbon monoxide')],
            self::ExistingInletOutOfReach => [StageKey::Survey, $advice, Source::practice('readiness')],
            self::ExistingLooseBox => [StageKey::Survey, $wrong, Source::nec('314.23')],
            self::ExistingMaleCord => [StageKey::Survey, $danger, Source::nec('406.7, 702.5')],
            self::ExistingNeverRun => [StageKey::Survey, $advice, Source::practice('readiness')],
            self::ExistingNoLabels => [StageKey::Survey, $advice, Source::nec('702.7')],
            self::ExistingNothingBetween => [StageKey::Survey, $danger, Source::nec('702.5')],
            self::ExistingPinsExposed => [StageKey::Survey, $danger, Source::nec('406.7')],
            self::ExistingReceptacleSmall => [StageKey::Survey, $wrong, Source::nec('110.3(B)')],
            self::ExistingStandbyDistance => [StageKey::Survey, $wrong, Source::practice('NFPA 37, and its listing')],
            self::ExistingTwoBonds => [StageKey::Survey, $wrong, Source::nec('250.24, 250.30')],
            self::NeutralInSubpanel => [StageKey::Survey, $danger, Source::nec('250.24, 250.28, 250.32(B)(1), 250.142')],
            self::NoFaultPath => [StageKey::Survey, $danger, Source::nec('250.4(A)(5), 250.32, 250.118')],
            self::NoServiceBond => [StageKey::Survey, $danger, Source::nec('250.24, 250.28, 250.4(A)(5)')],
            self::ThreeWireFeeder => [StageKey::Survey, $advice, Source::nec('250.32(B)(1), 250.142(B)')],
            self::MultiwireOneLeg => [StageKey::Survey, $danger, Source::nec('210.4, 300.13(B)')],
            self::OtherSource => [StageKey::Survey, $danger, Source::nec('702.5, 705')],
            self::OtherSourceByHand => [StageKey::Survey, $danger, Source::nec('702.5, 705')],
            self::OtherSourceNotLooked => [StageKey::Survey, $advice, Source::nec('702.5, 705')],
            self::OtherSourceDisconnect => [StageKey::Survey, $wrong, Source::nec('702.7, 705')],
            self::TandemNotAccepted => [StageKey::Survey, $wrong, Source::nec('408.54, 110.3(B)')],

            self::CalculationNotAccepted => [StageKey::Loads, $wrong, Source::nec('Article 220, local amendment')],
            self::CalculationNotDone => [StageKey::Loads, $wrong, Source::nec('702.4')],
            self::ContinuousOverBreaker => [StageKey::Loads, $wrong, Source::nec('210.20(A)')],
            self::FiguresMissing => [StageKey::Loads, $wrong, Source::nec('702.4')],
            self::LegContradicts => [StageKey::Loads, $wrong, Source::nec('408.4(A)')],
            self::LegsUneven => [StageKey::Loads, $advice, Source::practice('leg balance within 30 %')],
            self::LoadOverBreaker => [StageKey::Loads, $wrong, Source::nec('210.23')],
            self::MedicalLeftOff => [StageKey::Loads, $wrong, Source::practice('life support')],
            self::MedicalNotBridged => [StageKey::Loads, $wrong, Source::practice('life support')],
            self::NotMeasured => [StageKey::Loads, $advice, Source::practice('measuring')],
            self::NothingMustRun => [StageKey::Loads, $advice, Source::nec('702.4')],
            self::ReceptacleUnderBreaker => [StageKey::Loads, $wrong, Source::nec('210.21(B)(1)')],
            self::ReceptacleUnderLoad => [StageKey::Loads, $wrong, Source::nec('210.23, 110.3(B)')],
            self::RecordedPeakDoubtful => [StageKey::Loads, $wrong, Source::nec('220.87')],
            self::StartMissing => [StageKey::Loads, $wrong, Source::nec('430.7(B)')],

            self::FuelNotHere => [StageKey::Size, $wrong, Source::practice('fuel')],
            self::NoTwoFortyVolts => [StageKey::Size, $wrong, Source::nec('702.4')],
            self::OverRun => [StageKey::Size, $wrong, Source::nec('702.4')],
            self::OverSurge => [StageKey::Size, $wrong, Source::nec('702.4')],
            self::RestartOverSurge => [StageKey::Size, $advice, Source::practice('motors that cycle')],

            self::BondedGfciTrip => [StageKey::Connect, $wrong, Source::nec('250.30, 445.20')],
            self::ConnectionNotPossible => [StageKey::Connect, $wrong, Source::nec('702.5')],
            self::ConnectionOpen => [StageKey::Connect, $advice, Source::nec('702.5')],
            self::DoubleBond => [StageKey::Connect, $wrong, Source::nec('250.24, 250.30, 250.34')],
            self::FaultOverWithstand => [StageKey::Connect, $danger, Source::nec('110.9, 110.10')],
            self::FaultOverBreakers => [StageKey::Connect, $danger, Source::nec('110.9, 240.86')],
            self::SettingsCrossed => [StageKey::Connect, $wrong, Source::practice('settings of an automatic switch')],
            self::SettingsUnusual => [StageKey::Connect, $advice, Source::practice('settings of an automatic switch')],
            self::FeedOverloaded => [StageKey::Connect, $wrong, Source::nec('210.20(A), 215.2, 215.3')],
            self::FeederOverloaded => [StageKey::Connect, $wrong, Source::nec('215.2, 215.3')],
            self::InterlockSpacesTaken => [StageKey::Connect, $wrong, Source::nec('110.3(B), 408.36(D)')],
            self::NeutralNotKnown => [StageKey::Connect, $wrong, Source::nec('250.24, 250.30')],
            self::MultiwireOn120 => [StageKey::Connect, $danger, Source::nec('210.4')],

            self::BendsOver => [StageKey::Wire, $wrong, Source::nec('358.26, 352.26')],
            self::BurialShallow => [StageKey::Wire, $wrong, Source::nec('300.5(A)')],
            self::RacewayFull => [StageKey::Wire, $wrong, Source::nec('300.17, Chapter 9')],
            self::CordShort => [StageKey::Wire, $wrong, Source::practice('carbon monoxide')],
            self::DropLong => [StageKey::Wire, $advice, Source::nec('210.19, 215.2, informational notes')],
            self::InletUnderOutlet => [StageKey::Wire, $wrong, Source::nec('110.3(B)')],
            self::WireNotFound => [StageKey::Wire, $wrong, Source::nec('310.16')],
            self::WiringWet => [StageKey::Wire, $wrong, Source::nec('334.12(B)(4)')],

            self::Backfeed => [StageKey::Connect, $danger, Source::nec('702.5(A)')],
            self::MaleMale => [StageKey::Wire, $danger, Source::nec('406.7(B), 702.5(A)')],
            self::EngineIndoors => [StageKey::PlaceAndFuel, $danger, Source::practice('carbon monoxide')],
            self::OpeningNear => [StageKey::PlaceAndFuel, $danger, new Source('NFPA 37', '4.1.4, and carbon monoxide')],
            self::HouseNear => [StageKey::PlaceAndFuel, $danger, Source::practice('carbon monoxide')],
            self::InletExposed => [StageKey::Wire, $danger, Source::nec('406.7(D)')],
            self::BreakerOverWire => [StageKey::Wire, $danger, Source::nec('240.4, 240.4(D)')],
            self::WireUnderOutlet => [StageKey::Wire, $danger, Source::nec('240.4, 445.13')],
            self::BreakerOverInlet => [StageKey::Wire, $danger, Source::nec('110.3(B)')],
            self::BreakerOverCord => [StageKey::Wire, $danger, Source::nec('240.5, 110.3(B)')],
            self::CordUnderOutlet => [StageKey::Wire, $danger, Source::nec('240.5, 400.5')],
            self::BreakerOverSwitch => [StageKey::Connect, $danger, Source::nec('110.3(B)')],
            self::NoGroundWire => [StageKey::Wire, $danger, Source::nec('250.4(A)(5), 250.118')],
            self::NoBond => [StageKey::Connect, $danger, Source::nec('250.30(A)(1), 250.4(A)(5)')],
            self::InterlockUnlisted => [StageKey::Connect, $wrong, Source::nec('110.3(B), 702.5(A)')],
            self::InterlockPlace => [StageKey::Connect, $wrong, Source::nec('110.3(B)')],
            self::HoldDown => [StageKey::Wire, $wrong, Source::nec('408.36(D)')],
            self::BreakerPoles => [StageKey::Wire, $wrong, Source::nec('240.15(B)')],
            self::InletWet => [StageKey::Wire, $wrong, Source::nec('110.11, 110.3(B)')],
            self::InletLoose => [StageKey::Wire, $wrong, Source::nec('110.13(A), 314.23')],
            self::ControlWithPower => [StageKey::Wire, $wrong, Source::nec('725.136')],
            self::NoElectrode => [StageKey::Connect, $wrong, Source::nec('250.30(A)(4)')],
            self::NotServiceRated => [StageKey::Connect, $wrong, Source::nec('230.66')],
            self::SwitchUnderService => [StageKey::Connect, $wrong, Source::nec('230.79, 110.3(B)')],
            self::AutoUnderLoad => [StageKey::Connect, $wrong, Source::nec('702.4')],
            self::SplicesForbidden => [StageKey::Connect, $wrong, Source::nec('312.8, local amendment')],
            self::NeutralLeftBehind => [StageKey::Connect, $wrong, Source::nec('300.3(B), 200.4')],
            self::AfciLost => [StageKey::Connect, $wrong, Source::nec('210.12, 210.8')],
            self::CircuitOverSwitch => [StageKey::Connect, $wrong, Source::nec('110.3(B)')],
            self::CollarUnapproved => [StageKey::Connect, $wrong, Source::nec('702.5(B), 230.82')],
            self::LegOverInlet => [StageKey::Wire, $wrong, Source::nec('110.3(B)')],
            self::WallNear => [StageKey::PlaceAndFuel, $wrong, new Source('NFPA 37', '4.1.4, and its listing')],
            self::ServiceSpace => [StageKey::PlaceAndFuel, $wrong, Source::nec('110.26(A)')],
            self::GasPipeSmall => [StageKey::PlaceAndFuel, $wrong, new Source('NFPA 54', 'pipe sizing')],
            self::GasMeterSmall => [StageKey::PlaceAndFuel, $wrong, new Source('NFPA 54', 'meter capacity')],
            self::GeneratorUnlisted => [StageKey::Size, $wrong, Source::nec('445.6')],
            self::Feeder115 => [StageKey::Wire, $wrong, Source::nec('445.13')],
            self::StopSwitch => [StageKey::PlaceAndFuel, $wrong, Source::nec('445.19')],
            self::Only120 => [StageKey::Connect, $advice, Source::nec('702.4, 210.4')],
            self::NoPermit => [StageKey::PriceAndPapers, $advice, Source::practice('the local authority')],
            self::NotLevel => [StageKey::PlaceAndFuel, $advice, Source::practice('a level pad')],
            self::SnowFlood => [StageKey::PlaceAndFuel, $advice, Source::practice('above snow and flood')],
            self::PropertyNear => [StageKey::PlaceAndFuel, $wrong, Source::practice('ask what zoning says')],
            self::GasNear => [StageKey::PlaceAndFuel, $danger, new Source('NFPA 58', 'sources of ignition')],
            self::TankNear => [StageKey::PlaceAndFuel, $wrong, new Source('NFPA 58', 'Table 6.4.1.1')],
            self::InletReach => [StageKey::PlaceAndFuel, $advice, Source::practice('an inlet that is reached at night')],
            self::TankVapourShort => [StageKey::PlaceAndFuel, $wrong, Source::practice('what a tank boils off')],
            self::NoiseOver => [StageKey::PlaceAndFuel, $advice, new Source('Local', 'noise')],
            self::CoAlarm => [StageKey::PlaceAndFuel, $advice, Source::practice('carbon monoxide')],
            self::LabelInlet => [StageKey::Wire, $advice, Source::nec('702.7(C)')],
            self::LabelService => [StageKey::Wire, $advice, Source::nec('702.7(A)')],
            self::LabelPanel => [StageKey::Wire, $advice, Source::nec('408.4(A)')],
            self::InletSmallFuture => [StageKey::Connect, $advice, Source::practice('an inlet for later')],
        };
    }
}

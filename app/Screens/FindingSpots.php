<?php

declare(strict_types=1);

namespace App\Screens;

use Underpin\Checks\Code;
use Underpin\Checks\Finding;

/** Where on its page a finding is mended: the field that takes the cursor. */
final class FindingSpots
{
    /** Empty: the page itself. */
    public static function fragment(Finding $finding): string
    {
        return match ($finding->code) {
            Code::CordShort, Code::CordUnderOutlet, Code::BreakerOverCord => 'w-cord',
            Code::DropLong, Code::Feeder115 => 'w-run',
            Code::InletUnderOutlet, Code::BreakerOverInlet, Code::LegOverInlet => 'w-inlet',
            Code::WireNotFound => 'w-ambient',
            Code::WiringWet, Code::NoGroundWire => 'w-method',
            Code::BreakerOverWire, Code::WireUnderOutlet => 'w-material',
            Code::BendsOver => 'w-bends',
            Code::BurialShallow => 'w-cover',
            Code::RacewayFull => 'w-trade',
            Code::FaultOverWithstand => 'way-withstand_a',
            Code::FaultOverBreakers => 'way-interrupt_a',
            Code::SettingsCrossed => 'setting-back_pct',
            Code::SettingsUnusual => 'settings',
            Code::DoubleBond, Code::BondedGfciTrip, Code::NoBond, Code::NeutralNotKnown, Code::ConnectionNotPossible, Code::ConnectionOpen,
            Code::AutoUnderLoad, Code::AfciLost, Code::CircuitOverSwitch, Code::SwitchUnderService => 'way-open',
            Code::OpeningNear, Code::HouseNear, Code::WallNear, Code::ServiceSpace, Code::PropertyNear, Code::GasNear,
            Code::NoiseOver => 'spot-x',
            Code::SnowFlood => 'spot-platform',
            Code::TankVapourShort => 'fuel-supplier',
            Code::TankNear, Code::InletReach => 'things',
            Code::GasMeterSmall => 'fuel-kept',
            default => str_starts_with($finding->code->value, 'EXISTING_') ? 'existing-'.strtolower(substr($finding->code->value, 9)) : '',
        };
    }
}

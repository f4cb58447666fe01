<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** How the machine comes to the loads, in the words of an arrangement; "none": nothing keeps the sources apart. */
enum MeansOfTransfer: string
{
    case Interlock = 'interlock';
    case ManualSwitch = 'manual_switch';
    case Subpanel = 'subpanel';
    case WholeHouseManual = 'whole_house_manual';
    case Automatic = 'automatic';
    case MeterCollar = 'meter_collar';
    case SingleCircuit = 'single_circuit';
    case Cords = 'cords';
    case None = 'none';

    /** It feeds both legs of a panel or of several circuits. */
    public function feedsBothLegs(): bool
    {
        return match ($this) {
            self::Interlock, self::ManualSwitch, self::Subpanel, self::WholeHouseManual, self::Automatic, self::MeterCollar => true,
            self::SingleCircuit, self::Cords, self::None => false,
        };
    }
}

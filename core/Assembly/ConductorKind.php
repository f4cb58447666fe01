<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** How conductors lie between two components. */
enum ConductorKind: string
{
    /** flexible, with a plug at one end or both */
    case Cord = 'cord';

    /** fixed wiring of the generator */
    case Run = 'run';

    /** new power wiring of the house: to and from a switch */
    case Feeder = 'feeder';

    /** to one circuit */
    case Branch = 'branch';

    /** start signal, sensing */
    case Control = 'control';

    /** keeps the machine's battery and heater alive while the utility is there */
    case Charger = 'charger';

    /** to the earth */
    case Electrode = 'electrode';

    /** was there before and stays */
    case Found = 'found';

    /** It brings power to loads: others only serve the machine. */
    public function isPower(): bool
    {
        return $this !== self::Control && $this !== self::Charger;
    }

    /** New, and neither cord nor run of the machine. */
    public function isMeasured(): bool
    {
        return ! in_array($this, [self::Cord, self::Run, self::Found], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::Cord => 'cord',
            self::Run => 'generator run',
            self::Feeder => 'feeder',
            self::Branch => 'branch circuit',
            self::Control => 'control wires',
            self::Charger => 'charger circuit',
            self::Electrode => 'electrode conductor',
            self::Found => 'is there',
        };
    }
}

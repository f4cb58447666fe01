<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What sort of thing a load is: decides how it starts, how it is connected, and what it may need. */
enum LoadKind: string
{
    case Lighting = 'lighting';
    case Outlets = 'outlets';
    case Electronics = 'electronics';
    case Medical = 'medical';
    case Refrigeration = 'refrigeration';
    case Pump = 'pump';
    case Fan = 'fan';
    case Compressor = 'compressor';
    case Boiler = 'boiler';
    case ElectricHeat = 'electric heat';
    case WaterHeating = 'water heating';
    case Cooking = 'cooking';
    case Laundry = 'laundry';
    case Tool = 'tool';
    case Charger = 'charger';
    case Other = 'other';

    /** Has a motor, so that it starts with several times its running current. */
    public function isMotor(): bool
    {
        return in_array(
            $this, [self::Refrigeration, self::Pump, self::Fan, self::Compressor, self::Boiler, self::Laundry, self::Tool], true,
        );
    }

    /** Starts again by itself, whenever a thermostat, float or pressure switch says so. */
    public function cyclesByItself(): bool
    {
        return in_array($this, [self::Refrigeration, self::Pump, self::Fan, self::Compressor, self::Boiler], true);
    }

    /** Seconds to let the engine settle after this has been switched on. */
    public function settleS(): int
    {
        return match (true) {
            in_array($this, [self::Pump, self::Compressor], true) => 60,
            $this->isMotor() => 30,
            default => 10,
        };
    }
}

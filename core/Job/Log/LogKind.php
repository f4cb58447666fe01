<?php

declare(strict_types=1);

namespace Underpin\Job\Log;

/** What is written in the log of a machine. */
enum LogKind: string
{
    case Start = 'start';
    case Exercise = 'exercise';
    case ExerciseMissed = 'exercise_missed';
    case LoadedTest = 'loaded_test';
    case Outage = 'outage';
    case Fuel = 'fuel';
    case Oil = 'oil';
    case AirFilter = 'air_filter';
    case Plugs = 'plugs';
    case Valves = 'valves';
    case Battery = 'battery';
    case BatteryReplaced = 'battery_replaced';
    case Fault = 'fault';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::Start => 'started, without load',
            self::Exercise => 'weekly exercise',
            self::ExerciseMissed => 'exercise missed',
            self::LoadedTest => 'test under load',
            self::Outage => 'ran in an outage',
            self::Fuel => 'fuel filled in',
            self::Oil => 'oil and oil filter changed',
            self::AirFilter => 'air filter changed',
            self::Plugs => 'spark plugs changed',
            self::Valves => 'valves set',
            self::Battery => 'starting battery measured',
            self::BatteryReplaced => 'starting battery replaced',
            self::Fault => 'fault',
            self::Other => 'something else',
        };
    }

    /** The engine ran. */
    public function ran(): bool
    {
        return in_array($this, [self::Start, self::Exercise, self::LoadedTest, self::Outage], true);
    }
}

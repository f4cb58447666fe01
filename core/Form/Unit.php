<?php

declare(strict_types=1);

namespace Underpin\Form;

/** What a number counts, as a label shows it and as a sentence says it. */
enum Unit: string
{
    case Amperes = 'A';
    case Celsius = '°C';
    case CubicFeetPerHour = 'cfh';
    case Days = 'days';
    case Decibels = 'dB(A)';
    case Degrees = '°';
    case Dollars = '$';
    case Fahrenheit = '°F';
    case Feet = 'ft';
    case Gallons = 'gal';
    case Hertz = 'Hz';
    case Hours = 'h';
    case Inches = 'in';
    case InchesWater = 'in w.c.';
    case InchPounds = 'in-lb';
    case Kilohms = 'kΩ';
    case KilovoltAmperes = 'kVA';
    case Megohms = 'MΩ';
    case Microhms = 'µΩ';
    case Millivolts = 'mV';
    case Minutes = 'min';
    case PerCent = '%';
    case PerHour = 'an hour';
    case PerUnit = 'pu';
    case Pounds = 'lb';
    case Seconds = 's';
    case SquareFeet = 'ft²';
    case VoltAmperes = 'VA';
    case Volts = 'V';
    case WattHours = 'Wh';
    case Watts = 'W';
    case Weeks = 'weeks';

    public function words(): string
    {
        return match ($this) {
            self::Amperes => 'amperes',
            self::Celsius => 'degrees Celsius',
            self::CubicFeetPerHour => 'cubic feet an hour',
            self::Days => 'days',
            self::Decibels => 'decibels',
            self::Degrees => 'degrees',
            self::Dollars => 'dollars',
            self::Fahrenheit => 'degrees Fahrenheit',
            self::Feet => 'feet',
            self::Gallons => 'gallons',
            self::Hertz => 'hertz',
            self::Hours => 'hours',
            self::Inches => 'inches',
            self::InchesWater => 'inches of water column',
            self::InchPounds => 'inch-pounds',
            self::Kilohms => 'kilohms',
            self::KilovoltAmperes => 'kilovolt-amperes',
            self::Megohms => 'megohms',
            self::Microhms => 'microhms',
            self::Millivolts => 'millivolts',
            self::Minutes => 'minutes',
            self::PerCent => 'per cent',
            self::PerHour => 'an hour',
            self::PerUnit => 'per unit',
            self::Pounds => 'pounds',
            self::Seconds => 'seconds',
            self::SquareFeet => 'square feet',
            self::VoltAmperes => 'volt-amperes',
            self::Volts => 'volts',
            self::WattHours => 'watt-hours',
            self::Watts => 'watts',
            self::Weeks => 'weeks',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Form;

/** What a number counts, as a label shows it and as a sentence says it. */
enum Unit: string
{
    case Amperes = 'A';
    case Celsius = '°C';
    case CubicFeetPerHour = 'cfh';
    case Dollars = '$';
    case Fahrenheit = '°F';
    case Feet = 'ft';
    case Gallons = 'gal';
    case Inches = 'in';
    case Minutes = 'min';
    case PerCent = '%';
    case Seconds = 's';
    case SquareFeet = 'ft²';
    case VoltAmperes = 'VA';
    case Volts = 'V';
    case Watts = 'W';

    public function words(): string
    {
        return match ($this) {
            self::Amperes => 'amperes',
            self::Celsius => 'degrees Celsius',
            self::CubicFeetPerHour => 'cubic feet an hour',
            self::Dollars => 'dollars',
            self::Fahrenheit => 'degrees Fahrenheit',
            self::Feet => 'feet',
            self::Gallons => 'gallons',
            self::Inches => 'inches',
            self::Minutes => 'minutes',
            self::PerCent => 'per cent',
            self::Seconds => 'seconds',
            self::SquareFeet => 'square feet',
            self::VoltAmperes => 'volt-amperes',
            self::Volts => 'volts',
            self::Watts => 'watts',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Form;

use Underpin\Csv\Number;

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

    /**
     * A number as people write it with its unit behind it, or before it where that is a sign of money: "25 ft", "4.5 kW", "$1,200".
     *
     * @return ?float in this unit; null: no number of it
     */
    public function read(string $text): ?float
    {
        $bare = $this === self::Dollars ? ltrim($text, '$ ') : $text;
        foreach ($this->spellings() as $spelling => $times) {
            if (preg_match('/^(.*[\d.,])\s*'.preg_quote($spelling, '/').'\.?$/u'.($this->isToldByCase() ? '' : 'i'), $bare, $found) === 1) {
                $number = Number::read($found[1]);

                return $number === null ? null : $number * $times;
            }
        }

        return Number::read($bare);
    }

    /** Its prefix in small letters is another: mΩ are a thousandth, and an insulation of so little is a fault. */
    private function isToldByCase(): bool
    {
        return $this === self::Megohms;
    }

    /** @return array<string, float> how it is written behind a number, and how much of it that is */
    private function spellings(): array
    {
        [$same, $thousand] = match ($this) {
            self::Amperes => [['amps', 'amp', 'amperes'], []],
            self::Celsius => [['c', 'deg c', 'degrees c'], []],
            self::CubicFeetPerHour => [['cu ft/h', 'cu ft/hr', 'ft3/h', 'ft³/h'], []],
            self::Days => [['day', 'd'], []],
            self::Decibels => [['dba', 'db'], []],
            self::Degrees => [['deg', 'degrees'], []],
            self::Fahrenheit => [['f', 'deg f', 'degrees f'], []],
            self::Feet => [['feet', 'foot', "'", '′'], []],
            self::Gallons => [['gallons', 'gallon', 'gals'], []],
            self::Hours => [['hours', 'hour', 'hrs', 'hr'], []],
            self::Inches => [['inches', 'inch', '"', '″'], []],
            self::InchesWater => [['in wc', 'inches w.c.', 'inches wc', 'in. w.c.', '" w.c.', '" wc', 'wc'], []],
            self::InchPounds => [['in lb', 'in-lbs', 'inlb', 'lb-in', 'in.-lb'], []],
            self::Kilohms => [['kohm', 'kohms', 'k'], []],
            self::KilovoltAmperes => [['kva'], []],
            self::Megohms => [['Mohm', 'Mohms', 'megohm', 'Megohm', 'megohms', 'Megohms', 'meg', 'Meg', 'M'], []],
            self::Microhms => [['µohm', 'microhm', 'microhms'], []],
            self::Minutes => [['minutes', 'minute', 'mins'], []],
            self::PerCent => [['percent', 'per cent', 'pct'], []],
            self::Pounds => [['lbs', 'pounds', 'pound'], []],
            self::Seconds => [['seconds', 'second', 'secs', 'sec'], []],
            self::SquareFeet => [['sq ft', 'sqft', 'sq. ft', 'ft2', 'square feet', 'sf'], []],
            self::VoltAmperes => [[], ['kva']],
            self::Volts => [['volts', 'volt'], []],
            self::WattHours => [[], ['kwh']],
            self::Watts => [['watts', 'watt'], ['kw', 'kilowatts']],
            self::Weeks => [['week', 'wk', 'wks'], []],
            self::Dollars, self::Hertz, self::Millivolts, self::PerHour, self::PerUnit => [[], []],
        };

        return array_fill_keys($thousand, 1000.0) + array_fill_keys([...$same, $this->value], 1.0);
    }
}

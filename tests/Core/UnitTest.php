<?php

declare(strict_types=1);

use Underpin\Form\Field;
use Underpin\Form\Unit;

it('reads a number with its unit behind it', function (Unit $unit, string $text, ?float $number) {
    expect($unit->read($text))->toBe($number);
})->with([
    [Unit::Feet, '25 ft', 25.0], [Unit::Feet, '25ft.', 25.0], [Unit::Feet, "25'", 25.0], [Unit::Feet, '1,250 feet', 1250.0],
    [Unit::Feet, '25', 25.0], [Unit::Feet, '25 in', null], [Unit::Feet, 'ft', null], [Unit::Feet, '', null], [Unit::Feet, '-3 ft', -3.0],
    [Unit::Inches, '18"', 18.0], [Unit::Watts, '4.5 kW', 4500.0], [Unit::Watts, '1,920 W', 1920.0], [Unit::Watts, '900watts', 900.0],
    [Unit::Dollars, '$1,200', 1200.0], [Unit::PerCent, '20%', 20.0], [Unit::Fahrenheit, '95 °F', 95.0], [Unit::Fahrenheit, '95f', 95.0],
    [Unit::Hours, '2.5 hrs', 2.5], [Unit::Gallons, '500 gal', 500.0], [Unit::SquareFeet, '1,800 sq ft', 1800.0],
    [Unit::Amperes, '30 A', 30.0], [Unit::Amperes, '30 amps', 30.0], [Unit::InchesWater, '7 in w.c.', 7.0],
    [Unit::WattHours, '5 kWh', 5000.0], [Unit::Megohms, '550 Mohm', 550.0], [Unit::Megohms, '550 mΩ', null],
    [Unit::Megohms, '550 mohm', null], [Unit::Megohms, '2 M', 2.0], [Unit::Millivolts, '3 mv', 3.0],
]);

it('reads its own sign behind a number, in every unit', function (Unit $unit) {
    expect($unit->read("12 $unit->value"))->toBe(12.0)
        ->and(Field::number('x', 'x')->in($unit)->type->fromText("12 $unit->value"))->toBe(12.0);
})->with(array_filter(Unit::cases(), fn (Unit $unit): bool => $unit !== Unit::Dollars));

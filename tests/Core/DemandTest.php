<?php

declare(strict_types=1);

namespace Tests\Core\DemandTest;

use Tests\Support\Houses;
use Underpin\Codebook\MotorCurrents;
use Underpin\Codebook\RangeDemand;
use Underpin\Demand\Listed;
use Underpin\Job\Circuit;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Role;
use Underpin\Legs\Leg;
use Underpin\Loads\Nameplate;
use Underpin\Refused;

use function Tests\calc;
use function Tests\faultOf;

/** @return list<array{id: string, va: int}> */
function appliances(int ...$va): array
{
    return array_map(fn (int $i): array => ['id' => "a$i", 'va' => $va[$i]], array_keys($va));
}

it('takes the start of a motor from its nameplate or its letter', function (array $in, float $kva, float $amps) {
    $out = calc('motor-start', $in);
    expect($out['start_kva'])->toEqualWithDelta($kva, 1e-9)->and($out['start_a'])->toEqualWithDelta($amps, 1e-9);
})->with([
    'locked rotor' => [['lra_a' => 48, 'volts' => 240], 11.52, 48.0],
    'soft starter leaves 40 %' => [['lra_a' => 48, 'volts' => 240, 'soft_start_pct' => 40], 4.608, 19.2],
    'code letter G' => [['hp' => 1.5, 'volts' => 240, 'code_letter' => 'G'], 9.435, 39.3125],
    'code letter U' => [['hp' => 1, 'volts' => 120, 'code_letter' => 'U'], 22.39, 22390 / 120],
    'code letter A, softened' => [['hp' => 2, 'volts' => 240, 'code_letter' => 'A', 'soft_start_pct' => 50], 3.14, 3140 / 240],
]);

it('refuses a motor that is not told', function (array $in, string $field) {
    expect(faultOf('motor-start', $in))->toBe($field);
})->with([
    [['lra_a' => 10, 'hp' => 1, 'volts' => 240, 'code_letter' => 'G'], 'hp'], [['volts' => 240], 'lra_a'],
    [['hp' => 1, 'volts' => 240], 'code_letter'], [['lra_a' => 10], 'volts'],
    [['hp' => 1, 'volts' => 240, 'code_letter' => 'I'], 'code_letter'], [['hp' => 1, 'volts' => 240, 'code_letter' => 'V'], 'code_letter'],
    [['hp' => 1, 'volts' => 240, 'code_letter' => 'g'], 'code_letter'],
    [['lra_a' => 10, 'volts' => 240, 'soft_start_pct' => 101], 'soft_start_pct'],
    [['lra_a' => -1, 'volts' => 240], 'lra_a'], [['lra_a' => 1, 'volts' => 0], 'volts'],
]);

// Worked by hand from the sections named.
it('works the calculations out as the code has them', function (array $in, float $va) {
    $out = calc('demand', $in);
    expect($out['demand_va'])->toEqualWithDelta($va, 1e-9)
        ->and($out['demand_a'])->toEqualWithDelta($va / ($in['volts'] ?? 240), 1e-9)
        ->and(array_sum(array_column($out['lines'], 'va')))->toBe($out['demand_va']);
})->with([
    'standard, 1,500 ft², range and dryer' => [
        ['method' => 'standard', 'floor_area_ft2' => 1500, 'ranges_va' => [12000], 'dryers_va' => [5500]], 3000 + 6000 * .35 + 5500 + 8000,
    ],
    'standard, a small dryer counts 5,000' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'dryers_va' => [4000, 6000]], 3000 + 1500 * .35 + 11000,
    ],
    'standard, four appliances at 75 %' => [
        [
            'method' => 'standard', 'floor_area_ft2' => 0,
            'appliances' => [
                ['id' => 'a', 'va' => 1000], ['id' => 'b', 'va' => 1000], ['id' => 'c', 'va' => 1000], ['id' => 'd', 'va' => 1000],
            ],
        ],
        3525 + 3000,
    ],
    'standard, three at 100 %' => [
        [
            'method' => 'standard', 'floor_area_ft2' => 0,
            'appliances' => [['id' => 'a', 'va' => 1000], ['id' => 'b', 'va' => 1000], ['id' => 'c', 'va' => 1000]],
        ],
        3525 + 3000,
    ],
    'standard, three large appliances and two small ones at 100 %' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'appliances' => appliances(1000, 1000, 500, 499, 499)], 3525 + 3498,
    ],
    'standard, four of 500 VA and over at 75 %, the smaller one at 100 %' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'appliances' => appliances(1000, 1000, 500, 500, 499)], 3525 + 2250 + 499,
    ],
    'standard, cooling that is a little smaller counts at 125 %' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'heating_va' => 10000, 'cooling_va' => 9000], 3525 + 11250,
    ],
    'standard, cooling that is much smaller does not' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'heating_va' => 10000, 'cooling_va' => 8000], 3525 + 10000,
    ],
    'standard, cooling as large as heating counts at 100 %' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'heating_va' => 9000, 'cooling_va' => 9000], 3525 + 9000,
    ],
    'existing, a smaller cooling has no 125 %' => [
        ['method' => 'existing', 'floor_area_ft2' => 0, 'heating_va' => 10000, 'cooling_va' => 9000], 4500 + 10000,
    ],
    'standard, the third tier' => [['method' => 'standard', 'floor_area_ft2' => 50000], 3000 + 117000 * .35 + 34500 * .25],
    'standard, heating with all its parts against cooling' => [
        [
            'method' => 'standard', 'floor_area_ft2' => 0, 'heating_va' => 1000, 'heat_pump_va' => 3000, 'supplemental_heat_va' => 5000,
            'cooling_va' => 7000,
        ],
        3525 + 9000,
    ],
    'standard, motor and charger' => [
        ['method' => 'standard', 'floor_area_ft2' => 0, 'largest_motor_va' => 2000, 'ev_chargers_va' => [3000, 9600]], 3525 + 500 + 16800,
    ],
    'optional, first 10,000' => [
        ['method' => 'optional', 'floor_area_ft2' => 2000, 'ranges_va' => [12000], 'dryers_va' => [4000]],
        10000 + (10500 + 16000 - 10000) * .4,
    ],
    'optional, heat pump beside cooling' => [
        ['method' => 'optional', 'floor_area_ft2' => 1000, 'heat_pump_va' => 4000, 'supplemental_heat_va' => 10000, 'cooling_va' => 4000],
        7500 + 10500,
    ],
    'optional, three heating units' => [
        ['method' => 'optional', 'floor_area_ft2' => 1000, 'heating_va' => 10000, 'heating_units' => 3], 7500 + 6500,
    ],
    'optional, four heating units' => [
        ['method' => 'optional', 'floor_area_ft2' => 1000, 'heating_va' => 10000, 'heating_units' => 4], 7500 + 4000,
    ],
    'optional, a charger in the sum, the motor without effect' => [
        ['method' => 'optional', 'floor_area_ft2' => 1000, 'ev_chargers_va' => [1000], 'largest_motor_va' => 99999], 10000 + 4700 * .4,
    ],
    'existing, first 8,000' => [
        ['method' => 'existing', 'floor_area_ft2' => 1500, 'cooling_va' => 5000, 'heating_va' => 4000], 8000 + 1000 * .4 + 5000,
    ],
    'measured' => [['method' => 'measured', 'peak_va' => 9600, 'new_load_va' => 2400, 'volts' => 208, 'floor_area_ft2' => 5], 12000 + 2400],
]);

it('reads Table 220.55 with its notes', function (array $ranges, array $demand) {
    expect(RangeDemand::byColumn($ranges))->toEqualWithDelta($demand, 1e-9);
})->with([
    'one of 12 kW' => [[12000.0], ['C' => 8000.0]],
    'one of 14 kW: 10 % more' => [[14000.0], ['C' => 8800.0]],
    'one of 12.4 kW: a minor part' => [[12400.0], ['C' => 8000.0]],
    'one of 12.5 kW: a major part' => [[12500.0], ['C' => 8400.0]],
    'one of 27 kW' => [[27000.0], ['C' => 14000.0]],
    'unequal: 9, 14 and 16 kW count as 12, 14 and 16' => [[9000.0, 14000.0, 16000.0], ['C' => 14000 * 1.1]],
    'five' => [[12000.0, 9000.0, 8750.0, 10000.0, 11000.0], ['C' => 20000.0]],
    'under 3.5 kW' => [[3000.0, 3000.0], ['A' => 4500.0]],
    'under 8.75 kW' => [[3500.0, 8000.0, 5000.0], ['B' => 16500 * .55]],
    'mixed, where column C for all three is less than 16,800' => [[3000.0, 8000.0, 12000.0], ['C' => 14000.0]],
    'mixed, each column by its own number where that is less' => [[2000.0, 3500.0], ['A' => 1600.0, 'B' => 2800.0]],
    '8.75 kW belongs to column B' => [[8750.0], ['B' => 7000.0]],
    'over 8.75 kW' => [[8751.0], ['C' => 8000.0]],
    'up to 1.75 kW stands in no column' => [[1750.0, 1751.0], ['none' => 1750.0, 'A' => 1400.8]],
    'small ones beside a large one do not count in column C' => [[1000.0, 1200.0, 14000.0], ['none' => 2200.0, 'C' => 8800.0]],
    'a smaller one counts as 12 kW in the average of column C' => [[5000.0, 20000.0], ['C' => 11000 * 1.2]],
    'none' => [[], []],
]);

it('tells a motor of letter V what to give instead', function () {
    expect(
        calc('motor-start', ['hp' => 1, 'volts' => 240, 'code_letter' => 'V'])['error']['message']
    )->toContain('give the locked-rotor amperes');
});

it('never takes more for ranges than column C for all of them', function (int $seed) {
    mt_srand($seed);
    $c = [1 => 8000, 11000, 14000, 17000, 20000];
    for ($try = 0; $try < 200; $try++) {
        $ranges = array_map(fn (): float => mt_rand(1751, 12000), range(1, mt_rand(1, 5)));
        $demand = array_sum(RangeDemand::byColumn($ranges));
        expect($demand)->toBeLessThanOrEqual($c[count($ranges)])->toBeLessThanOrEqual(array_sum($ranges));
    }
})->with([1, 2, 3]);

it('refuses a dwelling that the tables do not know', function (array $in, string $field) {
    expect(faultOf('demand', $in))->toBe($field);
})->with([
    [['method' => 'guess', 'floor_area_ft2' => 1], 'method'], [['method' => 'standard'], 'floor_area_ft2'],
    [['method' => 'measured'], 'peak_va'], [['method' => 'existing', 'floor_area_ft2' => -1], 'floor_area_ft2'],
    [['method' => 'standard', 'floor_area_ft2' => 1, 'ranges_va' => [1, 1, 1, 1, 1, 1]], 'ranges_va'],
    [['method' => 'standard', 'floor_area_ft2' => 1, 'ranges_va' => [27001]], 'ranges_va'],
    [['method' => 'standard', 'floor_area_ft2' => 1, 'ranges_va' => ['8000']], 'ranges_va.0'],
    [['method' => 'standard', 'floor_area_ft2' => 1, 'dryers_va' => [1, 1, 1, 1, 1]], 'dryers_va'],
    [
        ['method' => 'standard', 'floor_area_ft2' => 1, 'appliances' => [['id' => 'a', 'va' => 1], ['id' => 'a', 'va' => 2]]],
        'appliances.1.id',
    ],
    [['method' => 'standard', 'floor_area_ft2' => 1, 'heating_units' => 1.5], 'heating_units'],
    [['method' => 'standard', 'floor_area_ft2' => 1, 'volts' => 0], 'volts'], [['method' => 'measured', 'peak_va' => null], 'peak_va'],
]);

it('draws the amperes of the plate again', function () {
    $plate = Nameplate::fromAmps(10, Leg::AB, 0.8, 42);
    expect($plate->runW / 0.8 / 240)->toEqualWithDelta(10.0, 1e-9)->and($plate->startW / 0.8 / 240)->toEqualWithDelta(42.0, 1e-9);
    expect(Nameplate::fromAmps(10, Leg::AB, 0.8, 42, 50)->startW / 0.8 / 240)->toEqualWithDelta(21.0, 1e-9);
    // A soft starter does not bring the start below the running current.
    expect(Nameplate::fromAmps(10, Leg::A, 1, 12, 50)->startW)->toEqualWithDelta(1200.0, 1e-9)
        ->and(Nameplate::fromAmps(5, Leg::A, 1)->startW)->toBeNull();
});

it('reads horsepower by Table 430.248 and the code letter by 430.7(B)', function () {
    $plate = Nameplate::fromHorsepower('1 1/2', 'G', Leg::AB, 1.0);
    expect($plate->runW)->toEqualWithDelta(2400.0, 1e-9)->and($plate->startW)->toEqualWithDelta(1.5 * 6.29 * 1000, 1e-9);
    expect(Nameplate::fromHorsepower('1/3', 'K', Leg::A, 1.0)->runW)->toEqualWithDelta(7.2 * 120, 1e-9);
    expect(array_map(MotorCurrents::horsepower(...), ['1/6', '3/4', '1', '7 1/2']))->toEqualWithDelta([1 / 6, 0.75, 1.0, 7.5], 1e-9);
    expect(fn () => MotorCurrents::fullLoadAmps('4', 240))->toThrow(fn (Refused $r) => expect($r->field)->toBe('hp'));
    expect(fn () => Nameplate::fromAmps(10, Leg::A, 1, 9))->toThrow(fn (Refused $r) => expect($r->field)->toBe('lra'));
});

it('says beside the fields of the calculation what the list holds, and nothing of what stays on a cord', function () {
    $circuit = fn (string $space, int $poles, float $watts, LoadKind $kind, string $name, float $pf = 1.0): Circuit => Houses::circuit(
        $space, $poles, Role::Off, $watts, $watts * 3, $kind, $name, pf: $pf,
    );
    $job = Houses::job('x', panels: [new Panel('main', 'Main panel', 40, PanelKind::Main, 200, true, 1, false, [
        $circuit('1', 2, 5000, LoadKind::Cooking, 'Range'), $circuit('2', 1, 1300, LoadKind::Cooking, 'Microwave'),
        $circuit('5', 2, 5400, LoadKind::Laundry, 'Dryer'), $circuit('6', 1, 500, LoadKind::Laundry, 'Washer'),
        $circuit('9', 2, 7680, LoadKind::Charger, 'Car charger'), $circuit('10', 2, 3200, LoadKind::Compressor, 'Heat pump, 3 ton', 0.8),
        $circuit('13', 2, 2200, LoadKind::Compressor, 'Central air conditioner'), $circuit('14', 2, 4500, LoadKind::WaterHeating, 'Heater'),
        $circuit('17', 2, 1450, LoadKind::Pump, 'Well pump', 0.5), $circuit('18', 2, 6000, LoadKind::ElectricHeat, 'Baseboard'),
    ])]);
    expect(Listed::of($job))->toBe([
        'ranges_va' => 'Range 5,000 VA', 'dryers_va' => 'Dryer 5,400 VA', 'ev_chargers_va' => 'Car charger 7,680 VA',
        'heat_pump_va' => 'Heat pump, 3 ton 4,000 VA', 'cooling_va' => 'Central air conditioner 2,200 VA',
        'appliances' => 'Heater 4,500 VA and Well pump 2,900 VA', 'heating_va' => 'Baseboard 6,000 VA',
        'largest_motor_va' => 'Heat pump, 3 ton 4,000 VA',
    ])->and(Listed::of(Houses::job('x')))->toBe([]);
});

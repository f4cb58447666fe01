<?php

declare(strict_types=1);

namespace Tests\Core\CodebookTablesTest;

use Underpin\Codebook\AmbientFactors;
use Underpin\Codebook\BreakerSizes;
use Underpin\Codebook\BundlingFactors;
use Underpin\Codebook\CodeLetters;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\EquipmentGrounds;
use Underpin\Codebook\Material;
use Underpin\Codebook\MotorCurrents;
use Underpin\Codebook\RangeDemand;
use Underpin\Codebook\Source;
use Underpin\Refused;
use Underpin\Wiring\GroundWire;

use function Tests\calc;

/*
 * Every row of every table of the codebook, typed a second time from the published tables: a
 * slip of a finger in one of the two shows.
 */

/** @return list<list<string>> */
function rows(string $table): array
{
    return array_map(fn (string $line): array => preg_split('/\s+/', trim($line)), explode("\n", trim($table)));
}

it('has every resistance of Chapter 9 Table 8', function (Material $material, string $table) {
    foreach (rows($table) as [$size, $ohms]) {
        expect(ConductorTable::ohmsPer1000Ft($material, ConductorSize::from($size)))->toBe((float) $ohms);
    }
})->with([
    [
        Material::Copper,
        "14 3.14\n12 1.98\n10 1.24\n8 .778\n6 .491\n4 .308\n3 .245\n2 .194\n1 .154\n1/0 .122\n2/0 .0967\n3/0 .0766\n4/0 .0608\n250 "
            .".0515\n300 .0429\n350 .0367\n400 .0321\n500 .0258",
    ],
    [
        Material::Aluminium,
        "12 3.25\n10 2.04\n8 1.28\n6 .808\n4 .508\n3 .403\n2 .319\n1 .253\n1/0 .201\n2/0 .159\n3/0 .126\n4/0 .1\n250 .0847\n300 "
            .".0707\n350 .0605\n400 .0529\n500 .0424",
    ],
]);

it('has the aluminum ampacities of Table 310.16 that stand nowhere else', function (string $size, array $amps) {
    expect(
        array_map(fn (int $column) => ConductorTable::ampacity(Material::Aluminium, ConductorSize::from($size), $column), [60, 75, 90])
    )->toBe(array_map(floatval(...), $amps));
})->with([['3', [65, 75, 85]], ['1', [85, 100, 115]], ['3/0', [130, 155, 175]], ['400', [225, 270, 305]]]);

it('has every factor of Table 310.15(B)(1)(1), to the end of each band', function () {
    $table = rows("10 1.29 1.20 1.15\n15 1.22 1.15 1.12\n20 1.15 1.11 1.08\n25 1.08 1.05 1.04\n30 1 1 1\n35 .91 .94 .96\n40 .82 .88 "
        .".91\n45 .71 .82 .87\n50 .58 .75 .82\n55 .41 .67 .76\n60 - .58 .71\n65 - .47 .65\n70 - .33 .58\n75 - "
            ."- .50\n80 - - .41\n85 - - .29");
    foreach ([60, 75, 90] as $i => $insulation) {
        $from = -40.0;
        foreach ($table as [$upTo, $factors[0], $factors[1], $factors[2]]) {
            foreach ([$from + 0.001, $from + 1, (float) $upTo] as $ambient) {
                if ($factors[$i] === '-') {
                    expect(fn () => AmbientFactors::factor($ambient, $insulation))->toThrow(
                        Refused::class, "$insulation °C insulation may be used up to ".[60 => 55, 75 => 70, 90 => 85][$insulation].' °C',
                    );
                } else {
                    expect(AmbientFactors::factor($ambient, $insulation))->toBe((float) $factors[$i]);
                }
            }
            $from = (float) $upTo;
        }
    }
    expect(fn () => AmbientFactors::factor(85.001, 90))->toThrow(Refused::class);
});

it('has every step of Table 310.15(C)(1)', function () {
    $steps = [[1, 3, 1.0], [4, 6, .8], [7, 9, .7], [10, 20, .5], [21, 30, .45], [31, 40, .4], [41, 200, .35]];
    foreach ($steps as [$from, $to, $factor]) {
        expect(BundlingFactors::factor($from))->toBe($factor)->and(BundlingFactors::factor($to))->toBe($factor);
    }
    expect(fn () => BundlingFactors::factor(0))->toThrow(Refused::class);
});

it('has every standard rating of 240.6(A) and none between', function () {
    $ratings = [
        15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600, 700, 800,
        1000, 1200, 1600, 2000, 2500, 3000, 4000, 5000, 6000,
    ];
    expect(BreakerSizes::STANDARD)->toBe($ratings);
    $last = 0;
    foreach ($ratings as $rating) {
        expect(BreakerSizes::atOrAbove($last + 0.001))->toBe($rating)->and(BreakerSizes::atOrAbove($rating))->toBe($rating);
        $last = $rating;
    }
});

it('keeps small conductors to 240.4(D)', function (string $material, string $size, ?int $atMost) {
    $out = calc('ampacity', ['material' => $material, 'size' => $size, 'insulation_c' => 90, 'terminal_c' => 75]);
    expect($out['max_breaker_a'])->toBe($atMost);
})->with([['cu', '14', 15], ['cu', '12', 20], ['cu', '10', 30], ['cu', '8', 50], ['al', '12', 15], ['al', '10', 25], ['al', '8', 40]]);

it('has the upper end of every band of Table 430.7(B)', function () {
    $table = rows("A 3.14\nB 3.54\nC 3.99\nD 4.49\nE 4.99\nF 5.59\nG 6.29\nH 7.09\nJ 7.99\nK 8.99\nL 9.99\nM 11.19\nN 12.49\nP 13.99\nR "
        ."15.99\nS 17.99\nT 19.99\nU 22.39");
    expect(CodeLetters::letters())->toBe(array_column($table, 0));
    foreach ($table as [$letter, $kva]) {
        expect(CodeLetters::kvaPerHp($letter))->toBe((float) $kva)
            ->and(
                calc('motor-start', ['hp' => 2, 'volts' => 240, 'code_letter' => $letter])['start_kva']
            )->toEqualWithDelta(2 * (float) $kva, 1e-9);
    }
});

it('has every row of Table 430.248', function () {
    $table = [
        ['1/6', 4.4, 2.2], ['1/4', 5.8, 2.9], ['1/3', 7.2, 3.6], ['1/2', 9.8, 4.9], ['3/4', 13.8, 6.9], ['1', 16, 8], ['1 1/2', 20, 10],
        ['2', 24, 12], ['3', 34, 17], ['5', 56, 28], ['7 1/2', 80, 40], ['10', 100, 50],
    ];
    expect(MotorCurrents::sizes())->toBe(array_column($table, 0));
    foreach ($table as [$hp, $at115, $at230]) {
        expect([MotorCurrents::fullLoadAmps($hp, 120), MotorCurrents::fullLoadAmps($hp, 240)])->toBe([(float) $at115, (float) $at230]);
    }
});

it('has columns A, B and C of Table 220.55 for one to five ranges', function () {
    $columns = ['A' => [3000, [.80, .75, .70, .66, .62]], 'B' => [6000, [.80, .65, .55, .50, .45]]];
    foreach ($columns as $column => [$va, $factors]) {
        foreach ($factors as $i => $factor) {
            expect(
                RangeDemand::byColumn(array_fill(0, $i + 1, (float) $va))
            )->toEqualWithDelta([$column => ($i + 1) * $va * $factor], 1e-9);
        }
    }
    foreach ([8000, 11000, 14000, 17000, 20000] as $i => $demand) {
        expect(RangeDemand::byColumn(array_fill(0, $i + 1, 12000.0)))->toBe(['C' => (float) $demand])
            ->and(RangeDemand::byColumn(array_fill(0, $i + 1, 8751.0)))->toBe(['C' => (float) $demand]);
    }
});

it('puts each range into its column by its rating', function (float $va, array $demand) {
    expect(RangeDemand::byColumn([$va]))->toEqualWithDelta($demand, 1e-9);
})->with([
    [3499.9, ['A' => 3499.9 * .8]], [3500, ['B' => 2800]], [8749.9, ['B' => 8749.9 * .8]], [8750, ['B' => 7000]], [8750.1, ['C' => 8000]],
    [12_000, ['C' => 8000]],
    // Note 1: 5 % for each kW or major part of one over 12.
    [12_499, ['C' => 8000]], [12_500, ['C' => 8400]], [13_499, ['C' => 8400]], [13_500, ['C' => 8800]], [27_000, ['C' => 14_000]],
]);

it('averages unequal ranges by Note 2, with no less than 12 kW each', function () {
    // (12 + 12 + 15.5) / 3 = 13.17 kW: one kW over.
    expect(RangeDemand::byColumn([9000.0, 12_000.0, 15_500.0]))->toEqualWithDelta(['C' => 14_700.0], 1e-9)
        // (12 + 13) / 2 = 12.5 kW: half a kW is a major part.
        ->and(RangeDemand::byColumn([12_000.0, 13_000.0]))->toEqualWithDelta(['C' => 11_550.0], 1e-9)
        ->and(RangeDemand::byColumn([12_000.0, 12_990.0]))->toEqualWithDelta(['C' => 11_000.0], 1e-9);
});

it('refuses a ground behind more than its table has, and does not take the last row for it', function () {
    expect(fn () => EquipmentGrounds::size(601, Material::Copper))->toThrow(Refused::class, 'ends at 600 A');
});

it('has the grounds of Table 250.122, larger in the proportion of the hots, never larger than they', function (
    int $amps, Material $material, string $least, string $hots, string $ground,
) {
    expect(GroundWire::size($amps, $material, ConductorSize::from($least), ConductorSize::from($hots))->value)->toBe($ground);
})->with([
    [15, Material::Copper, '14', '14', '14'], [20, Material::Copper, '12', '12', '12'], [30, Material::Copper, '10', '10', '10'],
    [60, Material::Copper, '6', '6', '10'], [100, Material::Copper, '3', '3', '8'], [200, Material::Copper, '3/0', '3/0', '6'],
    [201, Material::Copper, '250', '250', '4'], [400, Material::Copper, '500', '500', '3'], [600, Material::Copper, '500', '500', '1'],
    [100, Material::Aluminium, '1', '1', '6'], [200, Material::Aluminium, '4/0', '4/0', '4'],
    // 10 to 6: 2.53 times; 10 AWG grows to 26,240 circular mils, which is the hots' own 6.
    'enlarged for drop' => [30, Material::Copper, '10', '6', '6'],
    // 6 to 4: 1.59 times 10,380 is 16,512: just over 8 AWG (16,510).
    'enlarged a little' => [60, Material::Copper, '6', '4', '6'],
]);

it('numbers a section as the edition does that the local rules name', function (string $edition, string $section, string $words) {
    expect(Source::nec($section)->words($edition))->toBe($words);
})->with([
    ['', '310.16, 110.14(C)', 'NEC 2023 310.16, 110.14(C)'], ['NEC 2023', '400.12', 'NEC 2023 400.12'],
    ['NEC 2026', '702.5', 'NEC 2023 702.5'], ['NEC 2020', '220.57', 'NEC 2020 625.42'],
    ['NEC 2020', '220.41, 220.52, 220.45', 'NEC 2020 220.14(J), 220.52, 220.42'],
    ['State code, NEC 2017 amended', '310.16, 240.4(D)', 'NEC 2017 Table 310.15(B)(16), 240.4(D)'],
    ['2014', '400.12', 'NEC 2014 400.8'], ['NEC 2017', '400.12', 'NEC 2017 400.12'],
]);

it('leaves what is no section of the code as it is', function () {
    expect(Source::practice('carbon monoxide')->words('NEC 2020'))->toBe('Good practice: carbon monoxide');
});

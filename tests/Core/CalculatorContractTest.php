<?php

declare(strict_types=1);

use Underpin\Calculator\Calculators;
use Underpin\Refused;

use function Tests\calc;
use function Tests\faultOf;

$circuit = ['id' => 'a', 'leg' => 'A', 'watts' => 120];

it('answers an object with an object and an array with an array in the same order', function () use ($circuit) {
    expect(calc('legs', ['circuits' => [$circuit]])['a_amps'])->toBe(1.0);
    $many = calc('legs', [['circuits' => [$circuit]], ['circuits' => [['id' => 'b', 'leg' => 'B', 'watts' => 240]]]]);
    expect([$many[0]['a_amps'], $many[1]['b_amps']])->toBe([1.0, 2.0]);
    expect(calc('legs', '[]'))->toBe([]);
});

it('computes the other cases when one is refused', function () use ($circuit) {
    $run = Calculators::run(
        Calculators::named('legs'),
        json_encode([['circuits' => [$circuit]], 7, ['circuits' => [['id' => 'x', 'leg' => 'C', 'watts' => 1]]]]),
    );
    expect($run->anyRefused)->toBeTrue()
        ->and($run->output[0]['a_amps'])->toBe(1.0)
        ->and($run->output[1]['error']['field'])->toBe('')
        ->and($run->output[2]['error']['field'])->toBe('circuits.0.leg');
});

it('refuses by field', function (mixed $input, string $field) {
    expect(faultOf('legs', $input))->toBe($field);
})->with([
    'no JSON' => ['{"circuits":', ''],
    'a number' => ['5', ''],
    'null' => ['null', ''],
    'missing list' => [new stdClass, 'circuits'],
    'null list counts as missing' => [['circuits' => null], 'circuits'],
    'an object for a list' => [['circuits' => new stdClass], 'circuits'],
    'unknown field' => [['circuits' => [], 'circuit' => []], 'circuit'],
    'unknown field inside' => [['circuits' => [$circuit, [...$circuit, 'id' => 'b', 'wats' => 3]]], 'circuits.1.wats'],
    'item is no object' => [['circuits' => [$circuit, 3]], 'circuits.1'],
    'word for a number' => [['circuits' => [[...$circuit, 'watts' => '120']]], 'circuits.0.watts'],
    'flag as number' => [['circuits' => [[...$circuit, 'on' => 1]]], 'circuits.0.on'],
    'flag as word' => [['circuits' => [[...$circuit, 'on' => 'true']]], 'circuits.0.on'],
    'negative watts' => [['circuits' => [[...$circuit, 'watts' => -1]]], 'circuits.0.watts'],
    'absurd watts' => [['circuits' => [[...$circuit, 'watts' => 1.1e9]]], 'circuits.0.watts'],
    'infinite watts' => ['{"circuits":[{"id":"a","leg":"A","watts":1e999}]}', 'circuits.0.watts'],
    'power factor 0' => [['circuits' => [[...$circuit, 'pf' => 0]]], 'circuits.0.pf'],
    'power factor over 1' => [['circuits' => [[...$circuit, 'pf' => 1.01]]], 'circuits.0.pf'],
    'no volts' => [['circuits' => [[...$circuit, 'volts' => 0]]], 'circuits.0.volts'],
    'empty id' => [['circuits' => [[...$circuit, 'id' => '']]], 'circuits.0.id'],
    'number as id' => [['circuits' => [[...$circuit, 'id' => 4]]], 'circuits.0.id'],
    'repeated id' => [['circuits' => [$circuit, [...$circuit, 'leg' => 'B']]], 'circuits.1.id'],
]);

it('takes null for missing and exactly 1e9 for a number', function () use ($circuit) {
    expect(calc('legs', ['circuits' => [[...$circuit, 'pf' => null, 'on' => null, 'volts' => null]]])['a_amps'])->toBe(1.0);
    expect(calc('legs', ['circuits' => [[...$circuit, 'watts' => 1e9]]])['total_w'])->toBe(1e9);
});

it('knows its calculators by name and describes each with a source', function () {
    expect(fn () => Calculators::named('nope'))->toThrow(Refused::class);
    foreach (Calculators::all() as $calculator) {
        expect(Calculators::named($calculator->name()))->toEqual($calculator)
            ->and($calculator->source())->not->toBe('')
            ->and($calculator->form()->describe())->not->toBe([]);
    }
});

it('gives ids back as the same strings, even when they look like numbers', function () {
    $loads = [
        ['id' => '007', 'leg' => 'A', 'run_amps' => 1, 'start_amps' => 2], ['id' => '7', 'leg' => 'A', 'run_amps' => 1, 'start_amps' => 5],
    ];
    expect(calc('start-order', ['loads' => $loads])['order'])->toBe(['7', '007']);
});

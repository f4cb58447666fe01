<?php

declare(strict_types=1);

namespace Tests\Core\LoadLibraryTest;

use LogicException;
use Tests\Support\Stock;
use Underpin\Codebook\MotorCurrents;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Loads\Library\Grade;
use Underpin\Loads\Library\LoadLibrary;
use Underpin\Loads\Library\Suggestion;
use Underpin\Loads\Library\TypicalLoad;

/** @return list<Suggestion> */
function suggested(string $name, int $poles = 1): array
{
    return Stock::loads()->suggest(new Circuit('c', new Position(1, $poles), 20, $name));
}

/** @return list<string> */
function names(string $name, int $poles = 1): array
{
    return array_map(fn (Suggestion $s): string => $s->typical->name, suggested($name, $poles));
}

it('knows what people write on a door', function (string $said, int $poles, array $loads) {
    expect(names($said, $poles))->toBe($loads);
})->with([
    ['Water heater 4500W', 2, ['Water heater, electric']],
    ['Well pump 1HP', 2, ['Well pump, 1 hp']],
    ['Fridge', 1, ['Refrigerator']],
    ['AC', 2, ['Central air conditioner, 3 ton']],
    ['A/C condenser', 2, ['Central air conditioner, 3 ton']],
    ['AC', 1, ['Window air conditioner']],
    ['CPAP', 1, ['Breathing aid at night']],
    ['Internet', 1, ['Router and modem']],
    ['Septic', 1, ['Sewage ejector pump']],
    ['SMOKES', 1, ['Smoke and carbon monoxide alarms']],
    ['Toaster', 1, ['Toaster']],
    ['EV', 2, ['Car charger, 32 A']],
    ['EV', 1, ['Car charger, 120 V']],
    ['Refrig.', 1, ['Refrigerator']],
    ['1/2 HP sump', 1, ['Sump pump, 1/2 hp']],
    ['sump pump', 1, ['Sump pump, 1/3 hp']],
    ['Bsmt lights', 1, ['LED lighting, one room']],
    ['Gas dryer', 1, ['Dryer, gas']],
    ['DRYER', 2, ['Dryer, electric']],
    ['Office and router', 1, ['Desktop computer and screen', 'Router and modem']],
    ['Kitchen lights + disposal', 1, ['Kitchen lights', 'Garbage disposal']],
    ['Bedroom 1 & 2 outlets', 1, ['Outlets, bedroom']],
    ['Washer/Dryer', 2, ['Dryer, electric']],
    ['Washer/Dryer', 1, ['Clothes washer', 'Dryer, gas']],
    ['Furnace', 1, ['Gas furnace blower']],
    ['Furnace', 2, []],
    ['Kitchen', 2, []],
    ['Spare', 1, []],
    ['Barn subpanel', 2, []],
    ['', 1, []],
    ['??', 1, []],
]);

it('never hangs 240 V on one pole', function () {
    foreach (Stock::loads()->loads() as $load) {
        foreach ($load->phrases as $phrase) {
            foreach (suggested(implode(' ', $phrase)) as $suggestion) {
                expect($suggestion->typical->volts)->toBe(120, implode(' ', $phrase));
            }
            $found = Stock::loads()->find(implode(' ', $phrase), 120, 99);
            expect(array_filter($found, fn (TypicalLoad $l): bool => $l->volts === 240))->toBe([]);
        }
    }
});

it('never counts a 120 V load on both poles of a breaker', function () {
    foreach (Stock::loads()->loads() as $load) {
        foreach (suggested($load->name, 2) as $suggestion) {
            expect($suggestion->typical->volts)->toBe(240, $load->name);
        }
    }
});

it('finds every load by its own name first', function () {
    foreach (Stock::loads()->loads() as $load) {
        expect(array_column(Stock::loads()->find($load->name, $load->volts, 9), 'name'))->toContain($load->name)
            ->and(names($load->name, $load->volts === 240 ? 2 : 1))->toContain($load->name);
    }
});

it('takes the watts, the amperes, the horsepower and the tons that a name says', function () {
    [$heater] = suggested('Water heater 5.5 kW', 2);
    expect($heater->runW())->toBe(5500.0)->and($heater->startW())->toBe(5500.0)->and($heater->why)->toContain('as the name says');
    [$charger] = suggested('EV charger 40A', 2);
    expect($charger->runW())->toBe(9600.0);
    [$pump] = suggested('Irrigation pump 5 HP', 2);
    expect($pump->runW())->toBe(round(MotorCurrents::fullLoadAmps('5', 240) * 240 * $pump->typical->pf))
        ->and($pump->startW() / $pump->runW())->toEqualWithDelta(9500 / 2600, 0.001)
        ->and($pump->why)->toBe('5 hp by NEC 2023 Table 430.248');
    [$odd] = suggested('Well pump 4 hp', 2);
    expect($odd->why)->toBe('5 hp by NEC 2023 Table 430.248')->and($odd->typical->name)->toBe('Well pump, 4 hp');
    [$air] = suggested('A/C 2.5 ton', 2);
    expect($air->runW())->toBe(round(3200 * 2.5 / 3))->and($air->startW())->toBe(round(14500 * 2.5 / 3))
        ->and($air->typical->name)->toBe('Central air conditioner, 2.5 ton');
    [$measured] = suggested('Well pump 900 W', 2);
    expect($measured->typical->name)->toBe('Well pump')->and($charger->typical->name)->toBe('Car charger, 40 A');
});

it('takes no load for one that could never draw the watts that the name says', function () {
    expect(names('Stock water heater 1500W', 1))->toBe(['Livestock water heater'])
        ->and(names('Hot water 1500W', 1))->not->toContain('Gas water heater, power vent');
    $bySize = fn (TypicalLoad $load): bool => preg_match('/\d/', $load->name) === 1;
    foreach (array_filter(Stock::loads()->loads(), fn (TypicalLoad $load): bool => ! $bySize($load)) as $load) {
        foreach (suggested($load->name.' '.($load->runW->high * 3).' W', $load->volts === 240 ? 2 : 1) as $suggestion) {
            expect($suggestion->typical->name)->not->toBe($load->name);
        }
    }
});

it('says low, usual and high, and a start that is never below its running', function () {
    foreach (Stock::loads()->loads() as $load) {
        expect($load->runW->low)->toBeLessThanOrEqual($load->runW->usual)
            ->and($load->runW->usual)->toBeLessThanOrEqual($load->runW->high);
        foreach (suggested($load->name.' 300 W', $load->volts === 240 ? 2 : 1) as $suggestion) {
            foreach (Grade::cases() as $grade) {
                expect($suggestion->startW($grade))->toBeGreaterThanOrEqual($suggestion->runW($grade), $load->name);
            }
        }
    }
});

it('fills a load that has no figures, and keeps what was said of it', function () {
    $bare = new Load('x', 'Well pump 1 hp', LoadKind::Other, plug: false, startW: 9000.0);
    $circuit = new Circuit('c', new Position(1, 2), 20, 'Water', loads: [$bare, new Load('y', 'Fridge', runW: 10.0)]);
    [$only] = Stock::loads()->suggest($circuit);
    $taken = $only->taken('new', $bare);
    expect(count(Stock::loads()->suggest($circuit)))->toBe(1)
        ->and($taken->id)->toBe('x')->and($taken->name)->toBe('Well pump 1 hp')->and($taken->plug)->toBeFalse()
        ->and($taken->runW)->toBe(1450.0)->and($taken->startW)->toBe(9000.0)->and($taken->kind)->toBe(LoadKind::Pump);
});

it('knows some 120 loads, each under its own name and with words of its own', function () {
    $names = array_map(fn (TypicalLoad $l): string => $l->name, Stock::loads()->loads());
    expect(count($names))->toBeGreaterThan(120)->and(array_unique($names))->toHaveCount(count($names));
    foreach (Stock::loads()->loads() as $load) {
        expect(count($load->phrases))->toBeGreaterThan(1, $load->name);
    }
});

it('takes all at once, with the role that most choose where nothing was said yet', function () {
    $job = new Job('House', new Service(panels: [new Panel('p', 'Panel', 12, circuits: [
        new Circuit('a', new Position(1), 20, 'Fridge'),
        new Circuit('b', new Position(2), 20, 'Toaster', role: Role::Must),
        new Circuit('c', new Position(3), 20, 'CPAP', loads: [new Load('x', 'CPAP', LoadKind::Medical)]),
        new Circuit('d', new Position(4), 20, 'Hall', loads: [new Load('y', 'Lamp', runW: 60.0)]),
        new Circuit('e', new Position(5, 2), 60, 'Fridge feeder'),
    ])]));
    $next = 0;
    $key = function () use (&$next): string {
        return 'n'.(++$next);
    };
    $taken = Stock::loads()->takeAll($job, $key)->service->panels[0];
    expect(array_map(fn (Circuit $c): array => [$c->role, $c->runW()], $taken->circuits))->toBe([
        [Role::Must, 160.0], [Role::Must, 1000.0], [Role::Off, 60.0], [Role::Off, 60.0], [Role::Off, 0.0],
    ])
        ->and($taken->circuit('c')?->loads[0]->id)->toBe('x')
        ->and(Stock::loads()->takeAll($job, $key, 'b', Grade::Low)->circuits()[1]->runW())->toBe(700.0)
        ->and(Stock::loads()->takeAll($job, $key, 'b')->circuits()[0])->toBe($job->circuits()[0])
        ->and(Stock::loads()->takeAll($job, $key, 'd'))->toBe($job);
});

it('reads nothing of the library for breakers that have their figures', function () {
    $library = new LoadLibrary(fn (): array => throw new LogicException('It was read.'));
    $circuit = new Circuit('a', new Position(1), 20, 'Fridge', loads: [new Load('x', 'Fridge', runW: 100.0)]);
    expect($library->suggest($circuit))->toBe([])
        ->and($library->suggest(new Circuit('b', new Position(2), 20, 'Spare')))->toBe([])
        ->and(fn () => $library->suggest(new Circuit('c', new Position(3), 20, 'Fridge')))->toThrow(LogicException::class);
});

it('finds by a few letters', function (string $typed, string $first) {
    expect(Stock::loads()->find($typed, 240, 8)[0]->name ?? 'nothing')->toBe($first);
})->with([
    ['smoke', 'Smoke and carbon monoxide alarms'], ['a/c', 'Central air conditioner, 3 ton'], ['condenser',
        'Central air conditioner, 3 ton'],
    ['toaster', 'Toaster'], ['ev', 'Car charger, 32 A'], ['we', 'Well pump, 1/2 hp'], ['xyzzy', 'nothing'],
]);

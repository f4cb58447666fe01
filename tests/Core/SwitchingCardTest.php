<?php

declare(strict_types=1);

namespace Tests\Core\SwitchingCardTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Ways;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\Fuel;
use Underpin\Job\LoadKind;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Role;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Loads\Plan;
use Underpin\Outage\CardCircuit;
use Underpin\Outage\CardGap;
use Underpin\Outage\SwitchingCard;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;

function cardOf(?string $way, ?Supply $supply = null, mixed ...$changes): SwitchingCard
{
    return SwitchingCard::of(Review::of(Changed::of(Houses::small($supply ?? Houses::supply(), $way), ...$changes)));
}

/** @param  list<OwnerStep>  $steps */
function words(array $steps): string
{
    return implode(' | ', array_map(fn (OwnerStep $s): string => $s->do, $steps));
}

$standby = fn () => new Supply(Houses::machine(9000, 10000, 240, Outlet::Terminals, 40, MachineKind::Standby), Fuel::Gasoline);

it('warns of what kills with this very arrangement', function () use ($standby) {
    $portable = implode(' ', cardOf('interlock')->cautions);
    expect($portable)
        ->toContain('at least 20 ft from every door')
        ->toContain('Never force the interlock')
        ->toContain('Refuel only when the engine is off');
    $fixed = implode(' ', cardOf('manual_switch', $standby())->cautions);
    expect($fixed)->toContain('Keep windows above and beside the engine shut')
        ->toContain('Never force the switch')
        ->not->toContain('Refuel');
    $cords = implode(' ', cardOf('cords')->cautions);
    expect($cords)->toContain('Never plug the generator into a wall outlet')->not->toContain('Never two sources');
    foreach ([$portable, $fixed, $cords] as $each) {
        expect($each)
            ->toContain('Exhaust kills')
            ->toContain('Carbon monoxide alarms')
            ->toContain('call the electrician')->not->toMatch('/safe to/');
    }
});

it('keeps the way back in the reverse order for every way of connecting', function (string $way, array $there, array $back) {
    $card = cardOf($way);
    foreach ([[$card->toGenerator, $there], [$card->back, $back]] as [$steps, $marks]) {
        $at = array_map(fn (string $mark): int|false => strpos(words($steps), $mark), $marks);
        $sorted = $at;
        sort($sorted);
        expect($at)->not->toContain(false)->and($at)->toBe($sorted);
    }
})->with([
    [
        'interlock',
        [
            'turn off the 200 A main', 'Slide the interlock', 'Start the engine', 'Connect the cord', 'Look at its meter',
            'Turn on the generator breaker (spaces 1–3)', 'go down the list',
        ],
        [
            '10 to 15 minutes', 'Turn off every circuit breaker', 'Turn off the generator', 'Slide the interlock plate back',
            'Turn on the main', 'then stop it',
            'Unplug the cord',
        ],
    ],
    [
        'manual_switch', ['leave every switch on LINE', 'Start the engine', 'Connect the cord', 'Look at its meter', 'go down the list'],
        ['10 to 15 minutes', 'from GEN through OFF to LINE', 'then stop it', 'Unplug the cord, its end at the machine first'],
    ],
    ['cords', ['Switch off the appliances', 'Start the engine', 'Run one cord'], ['unplug them', 'own wall outlet', 'then stop it']],
]);

it('asks nobody to carry or plug in a standby machine', function () use ($standby) {
    $card = cardOf('interlock', $standby());
    expect(words($card->toGenerator))->toContain('Start the engine at its panel')->not->toContain('cord')
        ->and(words($card->back))->toContain('in automatic where it has an automatic switch')->not->toContain('cord');
});

it('lists every circuit once: to start, with room, or to leave off', function (string $way, array $start, array $room, array $off) {
    $card = cardOf($way);
    $labels = fn (array $rows): array => array_map(fn (CardCircuit $c): string => $c->label, $rows);
    expect([$labels($card->start), $labels($card->room), $labels($card->leaveOff)])->toBe([$start, $room, $off]);
})->with([
    ['interlock', ['5–7', '2', '4'], ['8'], ['10–12']],
    ['manual_switch', ['5–7', '2', '4'], [], []],
    ['cords', ['2'], [], []],
]);

it('leaves off what has room where the musts themselves do not hold', function () {
    $card = cardOf('interlock', Houses::supply(1800, 2000, 240, Outlet::Locking20, 20));
    expect($card->room)->toBe([])->and(array_map(fn (CardCircuit $c) => $c->label, $card->leaveOff))->toBe(['8', '10–12']);
});

it('turns a feeder on before the first circuit behind it, and once', function (string $way, array $start) {
    $feeder = Houses::circuit('9', 2, Role::Off, name: 'Feeder', amps: 60);
    $barn = new Panel('barn', 'Barn', 12, PanelKind::Sub, circuits: [
        Changed::of(Houses::circuit('1', 1, Role::Must, 500, 500, LoadKind::Lighting, 'Stall lights'), id: 'b1'),
        Changed::of(Houses::circuit('2', 1, Role::Must, 400, 400, LoadKind::Lighting, 'Yard lights'), id: 'b2'),
    ], fedFrom: 'main', feederCircuit: 'c9');
    $main = Changed::of(
        Houses::small()->service->panels[0], circuits: [Houses::circuit('2', 1, Role::Must, 180, 180, name: 'Fridge'), $feeder],
    );
    $card = cardOf($way, null, panels: [$main, $barn]);
    expect(array_map(fn (CardCircuit $c) => "$c->panel $c->label", $card->start))->toBe($start);
})->with([
    ['interlock', ['Main panel 2', 'Main panel 9–11', 'Barn 1', 'Barn 2']],
    ['manual_switch', ['Main panel 2', 'Barn 1', 'Barn 2']],
]);

it('brings alarms, what keeps somebody alive and a light at the panel on first, and counts that into the start', function () {
    $pump = Houses::circuit('1', 2, Role::Must, 1500, 6000, LoadKind::Pump, 'Well');
    $ox = Houses::circuit('2', 1, Role::Must, 360, 360, LoadKind::Medical, 'Bedroom');
    $alarm = Houses::circuit('5', 1, Role::Must, 12, 12, LoadKind::Other, 'Smoke and CO alarms');
    $light = Houses::circuit('6', 1, Role::Must, 60, 60, LoadKind::Lighting, 'Cellar lights');
    $yard = Houses::circuit('9', 1, Role::Must, 900, 900, LoadKind::Lighting, 'Yard');
    $panels = [Changed::of(Houses::small()->service->panels[0], circuits: [$pump, $yard, $light, $ox, $alarm])];
    $card = cardOf('interlock', panels: $panels);
    expect(array_map(fn (CardCircuit $c): string => $c->name, $card->start))
        ->toBe(['Smoke and CO alarms', 'Bedroom', 'Cellar lights', 'Well', 'Yard']);
    $fit = Fit::of(Plan::of(Changed::of(Houses::small(Houses::supply()), panels: $panels)), Houses::supply(), 20.0);
    // The pump starts on top of what came before it: 12 and 60 W on its leg A, 360 W on leg A.
    expect($fit->starting->peakAAmps)->toEqualWithDelta(25.0 + (12 + 60 + 360) / 120, 0.01);
});

it('names every panel that the generator reaches, with its branches off before its feeder comes on', function () {
    $barn = new Panel('barn', 'Barn', 12, PanelKind::Sub, circuits: [Houses::circuit('1', 1, Role::Must, 500)], fedFrom: 'main');
    $loft = new Panel('loft', 'Loft', 12, PanelKind::Sub, circuits: [Houses::circuit('3', 1, Role::Off)], fedFrom: 'barn');
    $said = words(cardOf('interlock', panels: [Houses::small()->service->panels[0], $barn, $loft])->toGenerator);
    expect($said)->toMatch('/turn off the 200 A main.*At Barn: turn off every breaker.*At Loft: turn off every breaker.*Slide/')
        ->and(words(cardOf('interlock')->toGenerator))->not->toContain('turn off every breaker too');
});

it('takes the unswitched lights for the best sign of the utility where there are any', function (string $way, bool $hasLights) {
    $signs = cardOf($way)->signs;
    expect(str_contains($signs[0], 'come on again by themselves'))->toBe($hasLights)
        ->and(str_contains(implode(' ', $signs), 'house lights cannot tell'))->toBe(! $hasLights);
})->with([['cords', true], ['manual_switch', true], ['interlock', false]]);

it('lists no spare breaker to be left off', function () {
    $panel = Changed::of(Houses::small()->service->panels[0], circuits: [
        Houses::circuit('2', 1, Role::Must, 180, 180, name: 'Fridge'),
        Changed::of(Houses::circuit('4', 1, Role::Off, name: 'SPARE'), loads: []), Houses::circuit('6', 1, Role::Off, name: 'Spare room'),
    ]);
    expect(array_map(fn (CardCircuit $c): string => $c->name, cardOf('interlock', panels: [$panel])->leaveOff))->toBe(['Spare room']);
});

it('says waits as one would say them', function (int $seconds, string $words) {
    expect((new CardCircuit('c', 'P', '1', 'x', $seconds))->waitWords())->toBe($words);
})->with([[30, '30 s'], [60, '1 min'], [90, '90 s'], [180, '3 min']]);

it('sends nobody to the engine when the alarm sounds', function (?string $way, ?Supply $supply) {
    $co = array_values(array_filter(cardOf($way, $supply)->cautions, fn (string $c): bool => str_contains($c, 'Carbon monoxide')));
    expect($co)->toHaveCount(1)->and($co[0])
        ->toContain(
            'everybody out, call the emergency number (911), stay out'
        )->toContain('Nobody goes to the engine')->not->toMatch('/stop the engine/');
})->with([null, ...array_keys(Ways::standard()->options())])->with([null, $standby()]);

it('leaves a standby machine able to start again', function (string $way) use ($standby) {
    $back = words(cardOf($way, $standby())->back);
    $itself = Ways::standard()->find($way)->transfersByItself();
    expect($back)->toContain('Leave its fuel open and its own breaker closed')
        ->toContain($itself ? 'controller stays in AUTO' : 'controller stays as its label says')
        ->not->toMatch('/close (the|its) fuel/i')->not->toMatch('/resting position/');
    expect($itself || str_contains(words(cardOf($way)->back), 'Close the fuel valve'))->toBeTrue();
})->with(array_keys(Ways::standard()->options()));

it('tells the breaker in the panel from the machine\'s own', function () use ($standby) {
    expect(words(cardOf('interlock', $standby())->back))->toContain('breaker in the panel; the machine\'s own breaker stays closed');
});

it('is a draft as long as a danger or a wrong stands, and stays readable', function (array $changes) {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), ...$changes);
    $review = Review::of($job);
    $grave = array_filter($review->findings, fn (Finding $f): bool => $f->severity !== Severity::Advice);
    $card = SwitchingCard::of($review);
    expect($grave)->not->toBe([])->and($card->start)->not->toBe([]);
    foreach ($grave as $finding) {
        $gap = array_values(array_filter($card->gaps, fn (CardGap $gap): bool => $gap->what === $finding->what));
        expect($gap)->toHaveCount(1)->and([$gap[0]->stage, $gap[0]->circuitId])->toBe([$finding->stage, $finding->circuitId]);
    }
    expect(array_unique(array_column($card->gaps, 'what')))->toHaveCount(count($card->gaps));
})->with([
    'a cord with two male ends in the survey' => [['existing' => new ExistingEquipment(['male_cord' => true])]],
    'a box that is loose' => [['existing' => new ExistingEquipment(['loose_box' => true])]],
    'cable where it is wet' => [['wire' => new WireRun(25, 20, method: WiringMethod::Cable, wet: true)]],
    'a machine that is too small' => [['supply' => Houses::supply(1800, 2000, 240, Outlet::Locking20, 20)]],
]);

it('is no draft for an advice', function () {
    $review = Review::of(Changed::of(Houses::small(Houses::supply(), 'interlock'), existing: new ExistingEquipment(['no_labels' => true])));
    expect($review->findings)->not->toBe([])->and(SwitchingCard::of($review)->gaps)->toBe([]);
});

it('says what is looked at before, and what is done while it runs, for this machine and this way', function (
    string $way, Supply $supply, array $says, array $never,
) {
    $card = cardOf($way, $supply);
    $because = array_map(fn (OwnerStep $s): string => $s->because, $card->toGenerator);
    $all = implode(' | ', [...$card->before, words($card->toGenerator), words($card->running), ...$because]);
    foreach ($says as $each) {
        expect($all)->toContain($each);
    }
    foreach ($never as $each) {
        expect($all)->not->toContain($each);
    }
})->with([
    'a portable on an interlock' => [
        'interlock', Houses::supply(), [
            'test button of every carbon monoxide alarm', 'the cord in its place', 'choke on where there is one, economy (idle) mode off',
            'every 8 to 12 hours',
            'To refuel: turn off every circuit breaker, then the generator breaker. Stop the engine and let it cool 15 to 20 minutes.',
        ], ['tie cord', 'stop button'],
    ],
    'a portable on a switch' => ['manual_switch', Houses::supply(), ['To refuel: throw every switch to OFF.'], ['generator breaker']],
    'a portable on cords' => ['cords', Houses::supply(), ['To refuel: switch off every appliance'], ['generator breaker']],
    'a pair' => [
        'interlock', Houses::supply(form: MachineKind::Parallel), [
            'Connect the tie cord between the two machines while both stand still. |', 'Start both engines', 'turn off half of what is on',
        ], [],
    ],
    'a standby' => [
        'interlock', $standby(), ['Its controller shows no fault', 'is its stop button pulled out', 'It does not switch the house over'],
        ['To refuel', 'choke', 'tie cord'],
    ],
]);

it('has no steps where no way is picked', function () {
    $card = cardOf(null);
    expect([$card->toGenerator, $card->back, $card->running, $card->before])->toBe([[], [], [], []])->and($card->start)->not->toBe([]);
});

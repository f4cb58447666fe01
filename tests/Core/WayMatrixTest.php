<?php

declare(strict_types=1);

namespace Tests\Core\WayMatrixTest;

use Tests\Support\Books;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Assembly\Task;
use Underpin\Codebook\Conduit;
use Underpin\Connection\Capacity;
use Underpin\Connection\MeterWork;
use Underpin\Connection\NightWork;
use Underpin\Connection\PickDrift;
use Underpin\Connection\Possible;
use Underpin\Connection\Reason;
use Underpin\Connection\TransferPoint;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Connection;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Dwelling;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\LocalRules;
use Underpin\Job\MachineKind;
use Underpin\Job\Marking;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\PickedFor;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\ShedLoad;
use Underpin\Job\SpaceList;
use Underpin\Job\WireRun;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\TaskPrice;
use Underpin\Pricing\Book\Terms;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;
use Underpin\Pricing\Schools;
use Underpin\Pricing\WayMatrix;
use Underpin\Pricing\WayRow;
use Underpin\Service\Moves\PanelMoves;
use Underpin\Service\Multiwire;

function matrix(Job $job, ?PriceBook $book = null): WayMatrix
{
    return WayMatrix::of(new Design($job), $book ?? Books::dollars($job));
}

/** A house with a standby, its demand, and its service switched off where it is said. */
function withStandby(Service $service, int $areaFt2 = 2000, float $runW = 18_000): Job
{
    return Changed::of(
        Houses::small(Houses::supply($runW, $runW, 240, Outlet::Terminals, 80, MachineKind::Standby)), wire: new WireRun(null, 60),
        demand: new DemandInputs(DemandMethod::Optional, 240.0, new Dwelling($areaFt2)), service: $service, serviceAmps: 200,
    );
}

function behind(?Marking $marking): Service
{
    return new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, true, $marking)]);
}

/** @return list<string> */
function reasonsOf(Job $job, string $way): array
{
    return array_map(fn ($r): string => $r->text, Houses::verdict($job, $way)->reasons);
}

it('knows all the ways of the trade by their words in a job file', function () {
    expect(array_keys(Ways::standard()->options()))->toEqualCanonicalizing([
        'cords', 'single_circuit', 'interlock', 'interlock_sub', 'manual_switch', 'transfer_subpanel', 'whole_house_manual',
        'transfer_main_panel', 'meter_collar', 'automatic_service', 'automatic', 'automatic_several', 'hard_cord',
    ]);
});

it('moves the bond and the meter only where a switch becomes the service disconnect', function (string $way) {
    $inPanel = withStandby(new Service(DisconnectPlace::Panel));
    $atMeter = withStandby(behind(Marking::Service));
    $unread = withStandby(behind(null));
    $meter = fn (Job $job): MeterWork => Ways::standard()->find($way)->meter((new Design($job))->situation());
    expect(implode(reasonsOf($inPanel, $way)))->toContain('becomes a sub-panel')->toContain(
        'The old bond comes out only when the new one is in',
    )
        ->and(implode(reasonsOf($atMeter, $way)))->toContain('the bond stays there')
        ->and(Houses::verdict($unread, $way)->possible)->toBe(Possible::NotKnown)
        ->and($meter($inPanel))->toBe(MeterWork::Pulled)->and($meter($atMeter))->toBe(MeterWork::Stays);
})->with(['whole_house_manual']);

it('asks an automatic switch for a machine that starts by itself', function (string $way) {
    $portable = Changed::of(Houses::small(Houses::supply()), service: behind(Marking::Service), serviceAmps: 200);
    expect(Houses::verdict($portable, $way)->possible)->toBe(Possible::No)
        ->and(Houses::verdict($portable, $way)->here())->toContain('needs a standby');
})->with(['automatic', 'automatic_service', 'automatic_several']);

it('holds what transfers by itself against the full load, less what is shed', function () {
    // 2,000 ft²: 6,000 + 4,500 = 10,500 VA, of it 10,000 whole and 500 at 40 %
    expect(Capacity::fullLoadVa((new Design(withStandby(behind(Marking::Service))))->situation()))->toBe(10_200.0);
    $over = withStandby(behind(Marking::Service), runW: 9_000);
    expect(Houses::verdict($over, 'automatic')->changes())->toBe(['shed 1,200 VA more']);
    // What is shed counts with 40 % at most of what it draws: that is how it may stand in the calculation.
    $draws = fn (string ...$ids): float => array_sum(array_map(
        fn (Circuit $c): float => in_array($c->id, $ids, true) ? array_sum(array_map(fn ($l): float => $l->runW, $c->loads)) : 0.0,
        $over->circuits(),
    ));
    $shed = $over->with($over->connection->with(shed: [new ShedLoad('c5'), new ShedLoad('c2', 2)]));
    $left = 10_200 - 0.4 * $draws('c5', 'c2');
    expect(Capacity::staysVa((new Design($shed))->situation()))->toEqualWithDelta($left, 1e-9)
        ->and(Houses::verdict($shed, 'automatic')->changes())->toBe($left > 9_000 ? ['shed '.number_format($left - 9_000).' VA more'] : []);
    $measured = Changed::of($shed, demand: new DemandInputs(DemandMethod::Measured, 240.0, peakVa: 8_160.0));
    expect(Capacity::staysVa((new Design($measured))->situation()))->toBe(10_200.0);
    expect(Houses::verdict(Changed::of($over, demand: null), 'automatic')->here())->toBe('do the load calculation');
});

it('takes a vehicle charger off whole where one stands in the calculation, and nothing off a recorded peak', function (
    DemandMethod $method, array $chargers, LoadKind $kind, float $va,
) {
    $job = withStandby(behind(Marking::Service));
    $circuit = Houses::circuit('9', 2, Role::Must, 7_000, 7_000, $kind, 'Charger');
    $job = Changed::of(
        $job, panels: [$job->service->panels[0]->with(circuits: [...$job->service->panels[0]->circuits, $circuit])],
        demand: new DemandInputs($method, 240.0, new Dwelling(2000, evChargersVa: $chargers), peakVa: 8_000.0),
    );
    $shed = $job->with($job->connection->with(shed: [new ShedLoad($circuit->id)]));
    expect(Capacity::shedVa((new Design($shed))->situation()))->toEqualWithDelta($va, 1e-9);
})->with([
    'a charger that was calculated' => [DemandMethod::Optional, [7_200.0], LoadKind::Charger, 7_000.0],
    'one that was not' => [DemandMethod::Optional, [], LoadKind::Charger, 2_800.0],
    'another load' => [DemandMethod::Optional, [7_200.0], LoadKind::ElectricHeat, 2_800.0],
    'by the standard way' => [DemandMethod::Standard, [7_200.0], LoadKind::ElectricHeat, 3_150.0],
    'of a recorded peak' => [DemandMethod::Measured, [7_200.0], LoadKind::Charger, 0.0],
]);

it('gives a panel that another one feeds no switch of its own', function () {
    $job = withStandby(behind(Marking::Service));
    $job = Changed::of($job, panels: [
        $job->service->panels[0], new Panel('cellar', 'Cellar', 12, PanelKind::Sub, fedFrom: 'main', bonded: false),
    ]);
    $points = Ways::standard()->find('automatic_several')->transfers((new Design($job))->situation());
    expect(array_map(fn (TransferPoint $point): ?string => $point->panel?->id, $points))->toBe(['main']);
});

it('calls no way possible of a house whose panel nobody has surveyed, but cords, and draws no transfer', function (string $way) {
    $job = Changed::of(withStandby(new Service(DisconnectPlace::Panel)), panels: []);
    $design = new Design($job);
    expect(Houses::verdict($job, $way)->possible)->not->toBe(Possible::Yes)
        ->and(array_filter(
            Ways::standard()->find($way)->transfers($design->situation()), fn (TransferPoint $point): bool => $point->panel !== null,
        ))->toBe([]);
})->with(fn (): array => array_map(fn ($way): array => [$way->key()], Ways::standard()->all()));

it('brings over cords what there is room for too, where it has a plug', function () {
    $plug = fn (string $space, Role $role, ?bool $hasPlug): Circuit => Houses::circuit($space, 1, $role, 300, 300)->with(
        loads: [new Load("l$space", 'Lamp', LoadKind::Other, 300, 300, plug: $hasPlug)],
    );
    $job = Changed::of(Houses::small(Houses::supply(3000, 3600, 120, Outlet::Straight20, 20)), panels: [
        Houses::small()->service->panels[0]->with(
            circuits: [$plug('5', Role::Must, true), $plug('6', Role::Room, true), $plug('9', Role::Room, false)],
        ),
    ]);
    expect(array_map(fn (Circuit $c): string => $c->id, Houses::verdict($job, 'cords')->powers))->toBe(['c5', 'c6']);
});

it('fills a sub-panel to its last place, and no further', function (int $circuits, Possible $possible) {
    $all = array_map(fn (int $i): Circuit => Houses::circuit((string) $i, 1, Role::Must, 50, 50, name: "C$i"), range(5, 4 + $circuits));
    $job = Changed::of(Houses::small(Houses::supply()), panels: [Houses::small()->service->panels[0]->with(spaces: 42, circuits: $all)]);
    $places = array_filter(
        Houses::verdict($job, 'transfer_subpanel')->reasons, fn (Reason $r): bool => str_contains($r->text, ' spaces'),
    );
    expect(array_values($places)[0]->possible)->toBe($possible);
})->with([[16, Possible::Yes], [17, Possible::No]]);

it('puts a switch of its own ahead of each of several panels, and one ahead of one', function () {
    $small = withStandby(behind(Marking::Service));
    $two = Changed::of($small, service: new Service(DisconnectPlace::Cabinet, [
        new Disconnect('a', 'A', 200, true, Marking::Service), new Disconnect('b', 'B', 200, true, Marking::Service),
    ]), panels: [
        $small->service->panels[0]->with(fedFrom: 'a'), new Panel('east', 'East', 20, PanelKind::Sub, fedFrom: 'b'),
    ]);
    expect(Houses::verdict($small, 'automatic_several')->here())->toBe('one panel, one switch')
        ->and(Houses::verdict($two, 'automatic_several')->possible)->toBe(Possible::Yes)
        ->and(Houses::verdict($two, 'automatic_service')->here())->toBe('several disconnects')
        ->and(Houses::built($two, Houses::supply(18_000, 18_000, 240, Outlet::Terminals, 80, MachineKind::Standby), 'automatic_several')
            ->components(\Underpin\Assembly\ComponentKind::Switch))->toHaveCount(2);
});

it('asks the utility before an adapter goes into its meter socket', function (?bool $taken, Possible $possible, string $here) {
    $job = Changed::of(Houses::small(Houses::supply()), rules: new LocalRules(meterAdapter: $taken), serviceAmps: 200);
    $verdict = Houses::verdict($job, 'meter_collar');
    expect([$verdict->possible, $verdict->here()])->toBe([$possible, $here]);
})->with([[true, Possible::Yes, 'the utility sets it'], [false, Possible::No, 'the utility takes none'],
    [null, Possible::NotKnown, 'ask the utility']]);

it('fits no adapter to a large socket, a cabinet or a standby', function (Job $job, string $here) {
    expect(Houses::verdict($job, 'meter_collar')->here())->toContain($here);
})->with(function (): iterable {
    $job = Changed::of(Houses::small(Houses::supply()), rules: new LocalRules(meterAdapter: true));
    yield [Changed::of($job, serviceAmps: 201), 'socket over 200 A'];
    yield [Changed::of($job, serviceAmps: 200, service: new Service(DisconnectPlace::Cabinet)), 'no meter socket'];
    $standby = Houses::supply(18_000, 18_000, 240, Outlet::Terminals, 80, MachineKind::Standby);
    yield [Changed::of($job, serviceAmps: 200, supply: $standby), 'a standby has no cord'];
});

it('locks a sub-panel only where it has a main, and feeds what hangs behind it', function () {
    $job = Houses::small(Houses::supply());
    $barn = fn (?int $main): Job => Changed::of($job, panels: [
        ...$job->service->panels,
        new Panel('barn', 'Barn', 12, PanelKind::Sub, $main, true, 1, false, [
            Houses::circuit('6', 1, Role::Must, 300, 300, name: 'Pump')->with(id: 'b6'),
        ],
            fedFrom: 'main', mainLugs: $main === null ? true : null),
    ]);
    expect(Houses::verdict($job, 'interlock_sub')->here())->toBe('no sub-panel')
        ->and(Houses::verdict($barn(null), 'interlock_sub')->here())->toBe('no sub-panel with a main')
        ->and(Houses::verdict($barn(60), 'interlock_sub')->possible)->toBe(Possible::Yes)
        ->and(array_map(fn (Circuit $c): string => $c->name, Houses::verdict($barn(60), 'interlock_sub')->powers))->toBe(['Pump'])
        ->and(count(Houses::verdict($barn(60), 'interlock_sub')->dead))->toBe(3);
});

it('gives one load a switch of its own, the one that was chosen or the largest', function () {
    $job = Houses::small(Houses::supply());
    $powers = fn (Job $job): array => array_map(fn (Circuit $c): string => $c->id, Houses::verdict($job, 'single_circuit')->powers);
    expect($powers($job))->toHaveCount(1);
    $boiler = array_values(array_filter($job->circuits(), fn (Circuit $c): bool => $c->name === 'Boiler'))[0];
    expect($powers($job->with($job->connection->with(circuit: $boiler->id))))->toBe([$boiler->id]);
});

it('leaves an attached cord to the authority, with no inlet in it', function () {
    $job = Houses::small(Houses::supply());
    $verdict = Houses::verdict($job, 'hard_cord');
    expect($verdict->changes())->toContain('the authority agrees to the cord');
    $built = Houses::built($job, Houses::supply(), 'hard_cord');
    expect($built->component(\Underpin\Assembly\ComponentKind::Inlet))->toBeNull()
        ->and($built->component(\Underpin\Assembly\ComponentKind::Box))->not->toBeNull();
});

it('moves tandems, quads and multiwire pairs as what they are, and writes the panel as it is then', function () {
    $circuits = [
        Houses::circuit('1', 1, Role::Off, name: 'Den'), Houses::circuit('3', 1, Role::Off, name: 'Hall')->with(sharesNeutralWith: 'c1'),
        Houses::circuit('5a', 1, Role::Off, name: 'Up'), Houses::circuit('5b', 1, Role::Off, name: 'Down'),
        Houses::circuit('7', 1, Role::Off, name: 'Porch'), Houses::circuit('2', 2, Role::Off, name: 'Heat'),
        Houses::circuit('6', 2, Role::Off, name: 'Range'), Houses::circuit('10', 2, Role::Off, name: 'Dryer'),
    ];
    $panel = new Panel('p', 'P', 12, PanelKind::Main, 200, true, 1, true, $circuits, tandemSpaces: SpaceList::parse('5'));
    $moves = PanelMoves::of($panel, new Multiwire([$panel]));
    expect($moves->words())->toBe(['1 Den and 3 Hall to 9–11']);
    $after = $moves->after();
    expect(array_map(fn (Circuit $c): string => $c->label().' '.$c->name, $after->circuits))
        ->toBe(['9 Den', '11 Hall', '5a Up', '5b Down', '7 Porch', '2–4 Heat', '6–8 Range', '10–12 Dryer'])
        ->and($after->positionFaults())->toBe([])->and($after->inTheWayOfInterlock())->toBe([]);
});

it('makes a tandem of two and names both halves', function () {
    $circuits = array_map(fn (int $n): Circuit => Houses::circuit((string) $n, 1, Role::Off, name: "Room $n"), range(1, 12));
    $panel = new Panel('p', 'P', 12, PanelKind::Main, 200, true, 1, false, $circuits, tandemSpaces: SpaceList::parse('9-12'));
    $moves = PanelMoves::of($panel, new Multiwire([$panel]));
    $after = $moves->after();
    expect($moves->moves())->toBe(2)->and($after->inTheWayOfInterlock())->toBe([])->and($after->positionFaults())->toBe([]);
    $halves = array_filter($after->circuits, fn (Circuit $c): bool => $c->position->half !== null);
    expect($halves)->toHaveCount(4);
    foreach ($halves as $circuit) {
        expect($after->accepts($circuit->position))->toBeTrue();
    }
});

it('sorts by what can be done, then by what stays dead, then by the machine, then by money', function () {
    $rows = matrix(Changed::of(Houses::small(Houses::supply()), wire: new WireRun(25, 20,
        laying: new Laying(raceway: Conduit::Emt))))->rows;
    $keys = array_map(fn (WayRow $row): array => $row->key(), $rows);
    $sorted = $keys;
    sort($sorted);
    expect($keys)->toBe($sorted)->and($rows[0]->verdict->possible)->toBe(Possible::Yes)
        ->and(end($rows)->verdict->possible)->toBe(Possible::No)
        ->and(count($rows))->toBe(count(Ways::standard()->all()));
    // A whole-house switch whose feeders nobody measured is not called the cheaper one.
    $open = array_map(fn (WayRow $row): bool => $row->cost->open !== [], array_filter(
        $rows, fn (WayRow $row): bool => $row->verdict->possible === Possible::Yes && $row->verdict->dead === [] && $row->suits,
    ));
    $sortedOpen = $open;
    sort($sortedOpen);
    expect(array_values($open))->toBe($sortedOpen)->and($open)->toContain(true)->toContain(false);
});

it('picks the interlock for a plain house and says what the next costs', function () {
    $matrix = matrix(Changed::of(Houses::small(Houses::supply()), wire: new WireRun(25, 20, laying: new Laying(raceway: Conduit::Emt))));
    expect($matrix->best()->verdict->way->key())->toBe('interlock')
        ->and($matrix->because())->toStartWith('Interlock on the panel main powers all 3 circuits that must run for $')
        ->toContain('The next, ')->toContain(' more.');
});

it('recommends an automatic switch for a standby, and none where nothing can be done', function () {
    expect(matrix(withStandby(behind(Marking::Service)))->best()->verdict->way->key())->toBe('automatic')
        ->and(matrix(Houses::job('x'))->best())->toBeNull()->and(matrix(Houses::job('x'))->because())->toBe('');
});

it('says what the night asks: less with places of its own, nothing where it transfers by itself', function () {
    $job = Houses::small(Houses::supply());
    $night = fn (string $way, Job $job): NightWork => NightWork::of(Ways::standard()->find($way), (new Design($job))->situation(), null);
    expect($night('interlock', $job)->steps)->toBeGreaterThan($night('manual_switch', $job)->steps)
        ->and($night('automatic', withStandby(behind(Marking::Service)))->words())->toBe('nothing');
});

it('sets both schools beside each other with this job\'s figures', function () {
    $job = Changed::of(Houses::small(Houses::supply()), wire: new WireRun(25, 20, laying: new Laying(raceway: Conduit::Emt)),
        rules: new LocalRules);
    $lines = Schools::interlockOrSwitch(matrix($job));
    expect($lines[0])->toMatch('/The interlock costs \$\d+, the .* \$\d+: \$\d+ less\./')->and($lines[1])->toContain('reaches 4 circuits');
    $large = $job->with($job->wire->withInlet(50));
    $lines = fn (Job $of): array => PartsList::by(new Design($of), Ways::standard()->find('interlock'))->lines;
    $book = new PriceBook(array_map(
        fn (PartLine $line): PartPrice => new PartPrice($line->part, $line->unit, price: Money::usd(1)), [...$lines($job),
            ...$lines($large)],
    ), [
        new TaskPrice(Task::Permit, price: Money::usd(1)), new TaskPrice(Task::Travel, price: Money::usd(1)),
    ], new Terms(Money::usd(10), 0, 0));
    $inlet = Schools::inletForTodayOrLater(new Design($job), Ways::standard()->find('interlock'), $book);
    expect($inlet[0])->toContain('gives 30 A')->and($inlet[1])
        ->toMatch('/An inlet and wire for 50 A now cost \$\d+ more; later, torn out and done again, \$\d+\./');
    expect(Schools::inletForTodayOrLater(new Design($job), Ways::standard()->find('cords'), $book))->toBe([]);
    $large = Changed::of($job, supply: Houses::supply(12_000, 15_000, 240, Outlet::Straight50, 50));
    expect(Schools::inletForTodayOrLater(new Design($large), Ways::standard()->find('interlock'), $book))->toBe([]);
});

it('says what has changed since the pick', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $must = array_map(fn (Circuit $c): string => $c->id, (new Design($job))->plan()->must);
    $kept = $job->with($job->connection->with(pickedFor: new PickedFor('m', $must)));
    $drift = fn (Job $job): array => PickDrift::of((new Design($job))->situation());
    expect($drift($job))->toBe([])->and($drift($kept))->toBe([]);
    $other = $kept->with($kept->connection->with(pickedFor: new PickedFor('otter', [$must[0], 'gone'])));
    expect(implode(' ', $drift($other)))->toContain('Another machine is picked since: Machine m.')->toContain('must run since')
        ->toContain('1 circuit need not run any more');
});

it('keeps what a way leaves to choose in a job file', function () {
    $job = Houses::small(Houses::supply(), 'manual_switch');
    $chosen = $job->with(new Connection(
        'manual_switch', panel: 'main', circuit: 'c4', switchesNeutral: true, meters: true, shed: [new ShedLoad('c2', 2, 45)],
        pickedFor: new PickedFor('m', ['c2', 'c4']),
    ));
    $file = \Underpin\Exchange\JobFile::standard();
    expect($file->decode($file->encode($chosen))->connection)->toEqual($chosen->connection);
});

<?php

declare(strict_types=1);

namespace Tests\Core\StagesTest;

use Generator;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Codebook\Conduit;
use Underpin\Job\Customer;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\FeederGround;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\LocalRules;
use Underpin\Job\Marking;
use Underpin\Job\Offer;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Quote\Quotes;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\WireRun;
use Underpin\StageKey;
use Underpin\Stages\Progress;
use Underpin\Stages\StageReport;
use Underpin\Stages\Stages;

/** The house that is in order, wired to a machine, with something changed. */
function ready(mixed ...$changes): Job
{
    return Changed::of(
        Houses::small(Houses::supply(), 'interlock', new LocalRules(authority: 'Town hall')), ...$changes,
    );
}

function mainPanel(mixed ...$changes): Panel
{
    return Changed::of(Houses::small()->service->panels[0], ...$changes);
}

function reportOn(Job $job, StageKey $stage): StageReport
{
    return StageReport::of(Stages::standard()->get($stage), Review::of($job));
}

$cabinet = fn (?bool $bonded = true, int $count = 2): Service => new Service(
    DisconnectPlace::Cabinet, array_map(
        fn (int $i) => new Disconnect("d$i", "Disconnect $i", 200, $bonded, Marking::Service), range(1, $count),
    ),
);

it('lists what a survey still lacks', function (Job $job, array $missing) {
    expect(reportOn($job, StageKey::Survey)->missing)->toBe($missing);
})->with(function () use ($cabinet): iterable {
    yield 'nothing' => [ready(), []];
    yield 'the name' => [ready(customer: new Customer), ["The customer's name."]];
    yield 'the service' => [ready(serviceAmps: null), ['The rating of the service.']];
    yield 'a panel' => [ready(panels: []), ['A panel.']];
    yield 'breakers' => [ready(panels: [mainPanel(circuits: [])]), ["The panel's breakers."]];
    yield 'names' => [
        ready(panels: [mainPanel(circuits: [Changed::of(Houses::circuit('2', 1, Role::Must, 100), name: '')])]),
        ['Names for the unnamed circuits.'],
    ];
    yield 'the interlock' => [ready(panels: [mainPanel(interlockListed: null)]), ['Whether an interlock is listed for this panel.']];
    yield 'multiwire' => [ready(panels: [mainPanel(hasMultiwire: null)]), ['Whether Main panel has multiwire circuits.']];
    yield 'where it is switched off' => [ready(service: new Service), ['Where the service is switched off.']];
    yield 'the disconnect' => [ready(service: new Service(DisconnectPlace::Meter)), ['The disconnect ahead of the panels.']];
    yield 'the bond' => [ready(panels: [mainPanel(bonded: null)]), ['Where neutral and ground are bonded.']];
    yield 'no bond was found, which is known' => [ready(panels: [mainPanel(bonded: false)]), []];
    yield 'one bond of two not looked at, the other found' => [
        ready(
            service: new Service(DisconnectPlace::Cabinet, [
                new Disconnect('d1', 'One', 200, true, Marking::Service), new Disconnect('d2', 'Two', 200, null, Marking::Service),
            ]),
            panels: [mainPanel(fedFrom: 'd1', bonded: false, feederGround: FeederGround::Wire)],
        ),
        [],
    ];
    yield 'what feeds a panel behind two disconnects' => [
        ready(service: $cabinet(), panels: [mainPanel(bonded: false)]), ['What feeds Main panel.'],
    ];
    yield 'one disconnect feeds the only panel' => [ready(
        service: $cabinet(count: 1), panels: [mainPanel(bonded: false, feederGround: FeederGround::Wire)],
    ), []];
    yield 'the main breaker' => [ready(panels: [mainPanel(mainAmps: null)]), ['Whether Main panel has a main breaker.']];
    yield 'main lugs, which is known' => [ready(panels: [mainPanel(mainAmps: null, mainLugs: true)]), []];
    yield 'nobody named the authority' => [ready(rules: new LocalRules), ['Whose local rules hold here.']];
    yield 'solar or a battery' => [ready(otherSource: null), ['Whether there is solar or a battery.']];
    $known = [
        'bonded' => false, 'feederGround' => FeederGround::Wire, 'hasMultiwire' => false, 'mainLugs' => true, 'otherBuilding' => true,
    ];
    $sub = fn (mixed ...$changes): Panel => new Panel('sub', 'Barn', 12, PanelKind::Sub, ...[...$known, ...$changes]);
    yield 'a disconnect whose marking nobody read' => [
        ready(
            service: new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, true)]),
            panels: [mainPanel(bonded: false)],
        ),
        ['What Meter disconnect is marked: service disconnect, or not service equipment.'],
    ];
    yield 'the ground of a feeder' => [
        ready(panels: [mainPanel(), $sub(fedFrom: 'main', feederAmps: 60, feederGround: null)]), ['The ground of the feeder to Barn.'],
    ];
    yield 'the building of a bond on three wires' => [
        ready(
            service: $cabinet(),
            panels: [mainPanel(bonded: true, fedFrom: 'd1', feederGround: FeederGround::None)],
        ),
        ['Whether Main panel stands in another building than what feeds it.'],
    ];
    yield 'the building of a sub-panel' => [
        ready(panels: [mainPanel(), $sub(fedFrom: 'main', feederAmps: 60, otherBuilding: null)]),
        ['Whether Barn stands in another building than what feeds it.'],
    ];
    yield 'the building of a second main panel' => [
        ready(panels: [mainPanel(), mainPanel(id: 'shop', name: 'Shop')]),
        ['Whether Shop stands in another building than where the service comes in.'],
    ];
    yield 'a second main panel said to be in the same one' => [
        ready(panels: [mainPanel(), mainPanel(id: 'shop', name: 'Shop', otherBuilding: false)]), [],
    ];
    yield 'a sub-panel not looked at for its bond' => [
        ready(panels: [mainPanel(), $sub(bonded: null, fedFrom: 'main', feederAmps: 60)]),
        ['Whether neutral and ground are bonded in Barn.'],
    ];
    yield 'nor what feeds it' => [
        ready(panels: [mainPanel(), $sub(bonded: null)]), ['Whether neutral and ground are bonded in Barn.', 'What feeds Barn.'],
    ];
    yield 'a panel behind a cabinet not looked at for its bond' => [
        ready(service: $cabinet(), panels: [mainPanel(bonded: null, fedFrom: 'd1', feederGround: FeederGround::Wire)]),
        ['Whether neutral and ground are bonded in Main panel.'],
    ];
    yield 'what feeds a sub-panel' => [ready(panels: [mainPanel(), $sub()]), ['What feeds Barn.']];
    yield 'the breaker of a feeder' => [ready(panels: [mainPanel(), $sub(fedFrom: 'main')]), ['The breaker of the feeder to Barn.']];
    yield 'a feeder with its breaker' => [ready(panels: [mainPanel(), $sub(fedFrom: 'main', feederAmps: 60)]), []];
    yield 'a feeder from a disconnect has that as its breaker' => [
        ready(
            service: $cabinet(), panels: [mainPanel(bonded: false, fedFrom: 'd1', feederGround: FeederGround::Wire)],
        ), [],
    ];
});

it('says how far each stage is', function (StageKey $stage, Job $job, Progress $reach, array $missing) {
    $report = reportOn($job, $stage);
    expect([$report->progress, $report->missing])->toBe([$reach, $missing]);
})->with(fn (): Generator => (function () {
    $small = Houses::supply(1800, 2000, 240, Outlet::Locking20, 20);
    yield 'no survey' => [StageKey::Survey, Houses::job('x'), Progress::Empty, reportOn(Houses::job('x'), StageKey::Survey)->missing];
    $priced = fn (Offer $offer, Quotes $quotes = new Quotes): Job => Changed::of(
        Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(40, 33, laying: new Laying(raceway: Conduit::Emt)),
    )->with($offer, $quotes);
    yield 'a list of parts alone' => [StageKey::PriceAndPapers, $priced(new Offer), Progress::Part, [
        'Who supplies the machine.', 'A quote that the customer has accepted.',
    ]];
    yield 'the customer has the machine' => [StageKey::PriceAndPapers, $priced(new Offer(ownMachine: true)), Progress::Part, [
        'A quote that the customer has accepted.',
    ]];
    yield 'loads unmarked' => [
        StageKey::Loads, ready(panels: [mainPanel(circuits: [Houses::circuit('2', 1, Role::Off, 100)])]), Progress::Empty,
        ['What must run.'],
    ];
    yield 'loads with room only' => [
        StageKey::Loads, ready(panels: [mainPanel(circuits: [Houses::circuit('2', 1, Role::Room, 100)])]), Progress::Part,
        ['What must run.'],
    ];
    yield 'loads marked' => [StageKey::Loads, ready(), Progress::Done, []];
    yield 'no machine' => [StageKey::Size, ready(supply: null), Progress::Empty, ['A generator to stand on.']];
    yield 'a machine without figures' => [
        StageKey::Size, ready(panels: [mainPanel(circuits: [Houses::circuit('2', 1, Role::Must)])]), Progress::Part,
        ['Figures for everything that must run.'],
    ];
    yield 'a machine too small' => [StageKey::Size, ready(supply: $small), Progress::Part, []];
    yield 'a machine that holds' => [StageKey::Size, ready(), Progress::Done, []];
    yield 'no way of connecting' => [StageKey::Connect, ready(connection: null), Progress::Empty, ['A way of connecting.']];
    yield 'a way not known to be possible' => [
        StageKey::Connect, ready(panels: [mainPanel(interlockListed: null)]), Progress::Part, ['What decides whether it is possible.'],
    ];
    yield 'a way that is not possible' => [StageKey::Connect, ready(panels: [mainPanel(interlockListed: false)]), Progress::Part, []];
    yield 'a way that is' => [StageKey::Connect, ready(), Progress::Done, []];
    yield 'nothing to wire' => [StageKey::Wire, ready(supply: null), Progress::Empty, ['A generator and a way of connecting, first.']];
    yield 'nothing measured' => [
        StageKey::Wire, ready(wire: new WireRun), Progress::Empty, ["The cord's length.", 'The length of the run to the panel.'],
    ];
    yield 'the cord measured' => [StageKey::Wire, ready(wire: new WireRun(25)), Progress::Part, ['The length of the run to the panel.']];
    yield 'the run measured' => [StageKey::Wire, ready(wire: new WireRun(null, 25)), Progress::Part, ["The cord's length."]];
    yield 'both measured' => [StageKey::Wire, ready(), Progress::Done, []];
    yield 'a card' => [StageKey::Run, ready(), Progress::Done, []];
})());

it('begins a card only with what must run, a machine and a way', function (array $changes) {
    expect(reportOn(ready(...$changes), StageKey::Run)->progress)->toBe(Progress::Empty);
})->with([[['supply' => null]], [['connection' => null]],
    [['panels' => [mainPanel(circuits: [Houses::circuit('2', 1, Role::Room, 100)])]]]]);

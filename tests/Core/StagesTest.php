<?php

declare(strict_types=1);

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Reach;
use Underpin\Checks\Review;
use Underpin\Checks\StageReport;
use Underpin\Connection\ConnectionKind;
use Underpin\JobFile\Customer;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Role;
use Underpin\Service\Disconnect;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\Panel;
use Underpin\Service\PanelKind;
use Underpin\Service\Service;
use Underpin\Sizing\Outlet;
use Underpin\Stage;
use Underpin\Wiring\WireRun;

/** The house that is in order, wired to a machine, with something changed. */
function ready(mixed ...$changes): JobFile
{
    return Changed::of(Houses::small(Houses::supply(), ConnectionKind::Interlock), ...$changes);
}

function mainPanel(mixed ...$changes): Panel
{
    return Changed::of(Houses::small()->panels[0], ...$changes);
}

function reportOn(JobFile $job, Stage $stage): StageReport
{
    return StageReport::of($stage, Review::of($job));
}

$cabinet = fn (?bool $bonded = true, int $count = 2): Service => new Service(DisconnectPlace::Cabinet, array_map(fn (int $i) => new Disconnect("d$i", "Disconnect $i", 200, $bonded), range(1, $count)));

it('lists what a survey still lacks', function (JobFile $job, array $missing) {
    expect(reportOn($job, Stage::Survey)->missing)->toBe($missing);
})->with(function () use ($cabinet): Generator {
    yield 'nothing' => [ready(), []];
    yield 'the name' => [ready(customer: new Customer), ["The customer's name."]];
    yield 'the service' => [ready(serviceA: null), ['The rating of the service.']];
    yield 'a panel' => [ready(panels: []), ['A panel.']];
    yield 'breakers' => [ready(panels: [mainPanel(circuits: [])]), ["The panel's breakers."]];
    yield 'names' => [ready(panels: [mainPanel(circuits: [Changed::of(Houses::circuit('2', 1, Role::Must, 100), name: '')])]), ['Names for the unnamed circuits.']];
    yield 'the interlock' => [ready(panels: [mainPanel(interlockListed: null)]), ['Whether an interlock is listed for this panel.']];
    yield 'multiwire' => [ready(panels: [mainPanel(hasMultiwire: null)]), ['Whether the panel has multiwire circuits.']];
    yield 'where it is switched off' => [ready(service: new Service), ['Where the service is switched off.']];
    yield 'the disconnect' => [ready(service: new Service(DisconnectPlace::Meter)), ['The disconnect ahead of the panels.']];
    yield 'the bond' => [ready(panels: [mainPanel(bonded: null)]), ['Where neutral and ground are bonded.']];
    yield 'no bond was found, which is known' => [ready(panels: [mainPanel(bonded: false)]), []];
    yield 'one bond of two not looked at, the other found' => [ready(service: new Service(DisconnectPlace::Cabinet, [new Disconnect('d1', 'One', 200, true), new Disconnect('d2', 'Two', 200)]), panels: [mainPanel(fedFrom: 'd1', bonded: false)]), []];
    yield 'what feeds a panel behind two disconnects' => [ready(service: $cabinet(), panels: [mainPanel(bonded: false)]), ['What feeds Main panel.']];
    yield 'one disconnect feeds the only panel' => [ready(service: $cabinet(count: 1), panels: [mainPanel(bonded: false)]), []];
    $sub = fn (mixed ...$changes): Panel => new Panel('sub', 'Barn', 12, PanelKind::Sub, ...$changes);
    yield 'what feeds a sub-panel' => [ready(panels: [mainPanel(), $sub()]), ['What feeds Barn.']];
    yield 'the breaker of a feeder' => [ready(panels: [mainPanel(), $sub(fedFrom: 'main')]), ['The breaker of the feeder to Barn.']];
    yield 'a feeder with its breaker' => [ready(panels: [mainPanel(), $sub(fedFrom: 'main', feederA: 60)]), []];
    yield 'a feeder from a disconnect has that as its breaker' => [ready(service: $cabinet(), panels: [mainPanel(bonded: false, fedFrom: 'd1')]), []];
});

it('says how far each stage is', function (Stage $stage, JobFile $job, Reach $reach, array $missing) {
    $report = reportOn($job, $stage);
    expect([$report->reach, $report->missing])->toBe([$reach, $missing]);
})->with(fn (): Generator => (function () {
    $small = Houses::supply(1800, 2000, 240, Outlet::Locking20, 20);
    yield 'no survey' => [Stage::Survey, new JobFile('x'), Reach::Empty, reportOn(new JobFile('x'), Stage::Survey)->missing];
    yield 'loads unmarked' => [Stage::Loads, ready(panels: [mainPanel(circuits: [Houses::circuit('2', 1, Role::Off, 100)])]), Reach::Empty, ['What must run.']];
    yield 'loads with room only' => [Stage::Loads, ready(panels: [mainPanel(circuits: [Houses::circuit('2', 1, Role::Room, 100)])]), Reach::Part, ['What must run.']];
    yield 'loads marked' => [Stage::Loads, ready(), Reach::Done, []];
    yield 'no machine' => [Stage::Size, ready(supply: null), Reach::Empty, ['A generator to stand on.']];
    yield 'a machine without figures' => [Stage::Size, ready(panels: [mainPanel(circuits: [Houses::circuit('2', 1, Role::Must)])]), Reach::Part, ['Figures for everything that must run.']];
    yield 'a machine too small' => [Stage::Size, ready(supply: $small), Reach::Part, []];
    yield 'a machine that holds' => [Stage::Size, ready(), Reach::Done, []];
    yield 'no way of connecting' => [Stage::Connect, ready(connection: null), Reach::Empty, ['A way of connecting.']];
    yield 'a way not known to be possible' => [Stage::Connect, ready(panels: [mainPanel(interlockListed: null)]), Reach::Part, ['What decides whether it is possible.']];
    yield 'a way that is not possible' => [Stage::Connect, ready(panels: [mainPanel(interlockListed: false)]), Reach::Part, []];
    yield 'a way that is' => [Stage::Connect, ready(), Reach::Done, []];
    yield 'nothing to wire' => [Stage::Wire, ready(supply: null), Reach::Empty, ['A generator and a way of connecting, first.']];
    yield 'nothing measured' => [Stage::Wire, ready(wire: new WireRun), Reach::Empty, ["The cord's length.", 'The length of the run to the panel.']];
    yield 'the cord measured' => [Stage::Wire, ready(wire: new WireRun(25)), Reach::Part, ['The length of the run to the panel.']];
    yield 'the run measured' => [Stage::Wire, ready(wire: new WireRun(null, 25)), Reach::Part, ["The cord's length."]];
    yield 'both measured' => [Stage::Wire, ready(), Reach::Done, []];
    yield 'a card' => [Stage::Run, ready(), Reach::Done, []];
    yield 'a stage of later' => [Stage::Prove, ready(), Reach::Empty, ['This stage comes later.']];
})());

it('begins a card only with what must run, a machine and a way', function (array $changes) {
    expect(reportOn(ready(...$changes), Stage::Run)->reach)->toBe(Reach::Empty);
})->with([[['supply' => null]], [['connection' => null]], [['panels' => [mainPanel(circuits: [Houses::circuit('2', 1, Role::Room, 100)])]]]]);

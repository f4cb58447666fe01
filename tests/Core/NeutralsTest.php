<?php

declare(strict_types=1);

namespace Tests\Core\NeutralsTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Connection\Interlock;
use Underpin\Connection\ManualTransferSwitch;
use Underpin\Connection\Possible;
use Underpin\Connection\Reason;
use Underpin\Connection\WayChoice;
use Underpin\Connection\WayVerdict;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\FeederGround;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Marking;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\SpaceList;
use Underpin\Job\SwitchKind;
use Underpin\Legs\LegCurrents;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;
use Underpin\Sizing\Supply;

/** @return list<Finding> */
function said(Job $job, string $code): array
{
    return array_values(array_filter(Review::of($job)->findings, fn (Finding $f): bool => $f->code->value === $code));
}

/** A panel behind a disconnect at the meter, and a sub-panel behind that. */
function behindTheMeter(?bool $atMeter, ?bool $inMain, ?bool $inSub = false, ?Marking $marking = null, mixed ...$sub): Job
{
    return Houses::job('x', panels: [
        new Panel('main', 'Main panel', 20, PanelKind::Main, 200, bonded: $inMain),
        new Panel('barn', 'Barn', 12, PanelKind::Sub, ...['bonded' => $inSub, 'fedFrom' => 'main', 'feederAmps' => 60, ...$sub]),
    ], service: new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, $atMeter, $marking)]));
}

/** A house whose first panel has one-pole breakers where the interlock goes, and some free spaces. */
function crowded(?bool $multiwire, int $free = 4, int $poles = 1): Job
{
    $circuits = $poles === 2
        ? [Houses::circuit('1', 2, Role::Off, name: 'Dryer')]
        : [Houses::circuit('1', 1, Role::Off, name: 'Den'), Houses::circuit('3', 1, Role::Off, name: 'Porch')];
    for ($space = 2; $space <= 20; $space++) {
        if (! in_array($space, [1, 3], true) && 20 - $space >= $free) {
            $circuits[] = Houses::circuit((string) $space, 1, Role::Off, name: "Room $space");
        }
    }

    return Houses::job(
        'x', panels: [new Panel('p', 'Panel', 20, PanelKind::Main, 200, true, 1, $multiwire, $circuits)], connection: 'interlock',
    );
}

it('never has a bond taken out before it is known what it is', function (Job $job, string $code) {
    $findings = said($job, $code);
    expect($findings)->not->toBe([]);
    foreach ($findings as $finding) {
        expect($finding->severity)->toBe(Severity::Danger)
            ->and($finding->do)->toContain('Nobody touches this bond')->toContain('the power is off')
            ->toContain('not service equipment')->toContain('How many wires has the feeder')->toContain('same building')
            ->not->toMatch('/take (the|it|this).{0,30}\bout\b|remove the bond/i')
            ->and($finding->why)->toContain('the only one kills')
            ->and($finding->source->section)->toContain('250.32(B)(1)');
    }
})->with([
    'behind a disconnect at the meter' => [behindTheMeter(true, true), 'NEUTRAL_IN_SUBPANEL'],
    'behind one without a bond' => [behindTheMeter(false, true), 'NEUTRAL_IN_SUBPANEL'],
    'in a sub-panel' => [behindTheMeter(true, false, true), 'NEUTRAL_IN_SUBPANEL'],
    'in a sub-panel, found with the old equipment' => [
        Houses::job('x', existing: new ExistingEquipment(['bond_in_subpanel' => true])), 'EXISTING_BOND_IN_SUBPANEL',
    ],
]);

it('leaves the bond of a panel behind a disconnect that is not service equipment alone', function (?bool $atMeter) {
    expect(said(behindTheMeter($atMeter, true, false, Marking::NotService), 'NEUTRAL_IN_SUBPANEL'))->toBe([])
        ->and(said(behindTheMeter($atMeter, true, false, Marking::NotService), 'NO_SERVICE_BOND'))->toBe([])
        // A bond at the meter is lawful there, and is not that of the service.
        ->and(said(behindTheMeter($atMeter, false, false, Marking::NotService), 'NO_SERVICE_BOND'))->not->toBe([]);
})->with([true, false, null]);

it('has a bond lifted only where another path is proven first and the service has its own', function () {
    $barn = fn (bool $inMain, mixed ...$facts): Finding => said(
        behindTheMeter(false, $inMain, true, Marking::NotService, ...$facts), 'NEUTRAL_IN_SUBPANEL',
    )[0];
    expect($barn(true, feederGround: FeederGround::Wire)->do)->toContain('before it is proven')->toContain('licensed electrician')
        ->and($barn(true, feederGround: FeederGround::Metal, otherBuilding: true)->do)->toContain('before it is proven')
        ->and($barn(false, feederGround: FeederGround::Wire)->do)->toContain('this may be the only one')->not->toContain('parts neutrals')
        ->and($barn(true, feederGround: FeederGround::None, otherBuilding: false)->do)->toStartWith('The bond stays until')
        ->and($barn(true, feederGround: FeederGround::None)->do)->toContain('How many wires has the feeder')
        ->and($barn(true)->do)->toContain('How many wires has the feeder');
    $kept = said(behindTheMeter(false, true, true, Marking::NotService, feederGround: FeederGround::None, otherBuilding: true),
        'THREE_WIRE_FEEDER')[0];
    expect($kept->do)->toStartWith('The bond stays.')->and($kept->source->section)->toContain('250.32(B)(1)');
    // Behind a disconnect that nobody has read nothing is known of it, whatever its wires.
    expect(said(behindTheMeter(true, true, true, null, feederGround: FeederGround::Wire), 'NEUTRAL_IN_SUBPANEL')[1]->do)
        ->toContain('is the disconnect ahead of it marked');
});

it('names what stands ahead of the bond', function () {
    expect(said(behindTheMeter(true, true), 'NEUTRAL_IN_SUBPANEL')[0]->what)->toContain('Main panel')->toContain('Meter disconnect')
        ->and(
            said(behindTheMeter(true, false, true), 'NEUTRAL_IN_SUBPANEL')[0]->what
        )->toContain('Barn')->toContain('Meter disconnect and Main panel ahead of it');
});

it('calls a service without a bond a danger', function () {
    $finding = said(behindTheMeter(false, false), 'NO_SERVICE_BOND')[0];
    expect($finding->severity)->toBe(Severity::Danger)
        ->and($finding->do)->toContain('live until it is found')->toContain('marking of the disconnect');
    expect(said(behindTheMeter(null, false), 'NO_SERVICE_BOND'))->toBe([]);
});

it('has no bond of a generator lifted before the switch and the service are known', function () {
    $bonded = new Supply(Changed::of(Houses::machine(), bond: GeneratorNeutral::Bonded), Fuel::Gasoline);
    expect(said(Houses::small($bonded, 'interlock'), 'DOUBLE_BOND')[0]->do)->toContain('once it is known that the service has its bond')
        ->and(
            said(Houses::job('x', existing: new ExistingEquipment(['two_bonds' => true])), 'EXISTING_TWO_BONDS')[0]->do
        )->toContain('Nobody lifts a bond before');
});

it('says what a shared neutral carries before it offers a move or a tandem', function (
    ?bool $multiwire, int $free, int $poles, Possible $possible, ?string $begins,
) {
    $verdict = Houses::verdict(crowded($multiwire, $free, $poles), 'interlock');
    $room = array_values(array_filter($verdict->reasons, fn ($r) => str_contains($r->text, 'must move first')))[0];
    expect($verdict->possible)->toBe($possible);
    $begins === null
        ? expect($room->text)->not->toContain('neutral')
        : expect($room->text)->toContain($begins)->toContain('carries the sum');
})->with([
    'none there' => [false, 4, 1, Possible::Yes, null],
    'some there' => [true, 4, 1, Possible::Yes, 'First find out whether it shares its neutral'],
    'not known' => [null, 4, 1, Possible::NotKnown, 'Look first: does it share its neutral'],
    'a two-pole breaker moves as one' => [null, 8, 2, Possible::Yes, null],
    'no room, none there' => [false, 0, 1, Possible::NotKnown, null],
    'no room, some there' => [true, 0, 1, Possible::NotKnown, 'First find out'],
    'no room for a two-pole, not known' => [null, 0, 2, Possible::NotKnown, 'Look first'],
]);

it('says it in every finding that has a breaker moved', function (string $code, Job $none, Job $some, Job $unknown) {
    expect(said($none, $code)[0]->do)->not->toContain('neutral')
        ->and(said($some, $code)[0]->do)->toContain('First find out')->toContain('carries the sum')
        ->and(said($unknown, $code)[0]->do)->toContain('Look first')->toContain('carries the sum');
})->with(function (): iterable {
    $tandem = fn (?bool $m): Job => Houses::job('x', panels: [
        new Panel('p', 'P', 20, hasMultiwire: $m, circuits: [Houses::circuit('5a', 1, Role::Off)], tandemSpaces: SpaceList::parse('none')),
    ]);
    $uneven = fn (?bool $m): Job => Changed::of(Houses::small(Houses::supply(3000, 4000), 'interlock'), panels: [
        new Panel('p', 'P', 20, PanelKind::Main, 200, true, 1, $m, [Houses::circuit('5', 1, Role::Must, 1200, 1200)]),
    ]);
    foreach (['INTERLOCK_SPACES_TAKEN' => crowded(...), 'TANDEM_NOT_ACCEPTED' => $tandem, 'LEGS_UNEVEN' => $uneven] as $code => $job) {
        yield $code => [$code, $job(false), $job(true), $job(null)];
    }
});

it('says it of a one-pole breaker alone, after what there is to do', function () {
    $quad = fn (int $poles): Job => Houses::job('x', panels: [new Panel(
        'p', 'P', 20, hasMultiwire: true, circuits: [Houses::circuit('5a', $poles, Role::Off)], tandemSpaces: SpaceList::parse('none'),
    )]);
    foreach ([
        [
            'INTERLOCK_SPACES_TAKEN', crowded(true), crowded(true, 8, 2),
            'The fewest moves stand under Connect, before and after: quote, parts and checklist have them in. Once they are made, one '
                .'button writes the panel as it is then.',
        ],
        ['TANDEM_NOT_ACCEPTED', $quad(1), $quad(2), 'Move it to a space that accepts one, or to a whole space.'],
    ] as [$code, $onePole, $twoPole, $do]) {
        expect(said($onePole, $code)[0]->do)->toStartWith("$do First find out")
            ->and(said($twoPole, $code)[0]->do)->toBe($do);
    }
    $uneven = Changed::of(Houses::small(Houses::supply(3000, 4000), 'interlock'), panels: [
        new Panel('p', 'P', 20, PanelKind::Main, 200, true, 1, true, [Houses::circuit('5', 1, Role::Must, 1200, 1200)]),
    ]);
    expect(said($uneven, 'LEGS_UNEVEN')[0]->do)
        ->toStartWith('A one-pole breaker moved one space up or down changes its leg. First find out');
});

it('knows a shared neutral from either of its two breakers, and no other', function () {
    $one = Houses::circuit('5', 1, Role::Must, 960, 960);
    $other = Houses::circuit('7', 1, Role::Must, 600, 600)->with(sharesNeutralWith: 'c5');
    $third = Houses::circuit('9', 1, Role::Must, 600, 600)->with(sharesNeutralWith: 'gone');
    $multiwire = new Multiwire([new Panel('p', 'P', 20, hasMultiwire: false, circuits: [$one, $other, $third])]);
    $fourth = Houses::circuit('11', 1, Role::Must, 600, 600);
    expect([$multiwire->partnerOf($one), $multiwire->partnerOf($other), $multiwire->partnerOf($third)])->toBe([$other, $one, null])
        // One that is said to share with a breaker that is gone shares with something all the same.
        ->and([$multiwire->isShared($one), $multiwire->isShared($third), $multiwire->isShared($fourth)])->toBe([true, true, null])
        ->and($multiwire->among([$one, $third]))->toBeFalse()->and($multiwire->among([$third, $fourth]))->toBeFalse()
        ->and((new Multiwire([new Panel('p', 'P', 20, hasMultiwire: false, circuits: [$third])]))->anywhere())->toBeTrue()
        ->and($multiwire->pairs())->toBe([[$one, $other]])->and($multiwire->anywhere())->toBeTrue();
});

it('names the other half before a breaker is moved, and says in amperes what the neutral would carry', function () {
    $circuits = [
        Houses::circuit('1', 1, Role::Must, 960, 960, name: 'Den'),
        Houses::circuit('2', 1, Role::Must, 600, 600, name: 'Hall')->with(sharesNeutralWith: 'c1'),
    ];
    $job = Houses::changed(crowded(false), panels: [new Panel('p', 'P', 20, PanelKind::Main, 200, true, 1, false, $circuits)]);
    $room = implode(' ', array_column(Houses::verdict($job, 'interlock')->reasons, 'text'));
    expect($room)->toContain('1 Den shares its neutral with 2 Hall: the two move together, or neither does.')
        ->toContain('With everything on, that is 13.0 A instead of 3.0 A.')
        ->and(said($job, 'INTERLOCK_SPACES_TAKEN')[0]->do)->toContain('shares its neutral with 2 Hall');
});

it('has both halves on a switch or neither', function () {
    $half = fn (string $space, Role $role): Circuit => Houses::circuit($space, 1, $role, 600, 600, name: "Half $space");
    $on = fn (Role $second): WayVerdict => Houses::verdict(Houses::changed(
        Houses::small(Houses::supply(), 'manual_switch'),
        panels: [new Panel('p', 'P', 20, PanelKind::Main, 200, true, 1, false, [
            $half('5', Role::Must), $half('7', $second)->with(sharesNeutralWith: 'c5'),
        ])],
    ), 'manual_switch');
    expect($on(Role::Off)->possible)->toBe(Possible::No)->and($on(Role::Must)->possible)->toBe(Possible::Yes)
        ->and(implode(' ', array_column($on(Role::Off)->reasons, 'text')))->toContain('neutral carries two sources')
        ->and(implode(' ', array_column($on(Role::Must)->reasons, 'text')))->toContain('two places side by side');
});

it('finds shared neutrals in every panel that a 120 V machine reaches, and in no other', function (
    string $where, ?bool $there, array $loads = [],
) {
    $main = Houses::small()->service->panels[0];
    $circuits = $loads === [] ? [] : [new Circuit('b1', new Position(1, 2), 20, 'Dishes', role: Role::Must, loads: $loads)];
    $barn = new Panel('barn', 'Barn', 12, PanelKind::Sub, hasMultiwire: $there, fedFrom: $where, feederAmps: 60, circuits: $circuits);
    $on120 = Houses::supply(3000, 3600, 120, Outlet::Travel30);
    $job = Houses::changed(Houses::small($on120, 'interlock'), panels: [$main, $barn]);
    $joins = (new Interlock)->joinsSharedNeutrals((new Design($job))->situation());
    $reached = $where === 'main';
    expect($joins)->toBe($reached ? ($loads === [] ? $there : true) : false)
        ->and(said($job, 'MWBC_120') !== [])->toBe($joins === true);
})->with([
    'in the sub-panel' => ['main', true], 'not looked there' => ['main', null], 'none there' => ['main', false],
    'in a panel that it does not reach' => ['', true],
    'two halves on one two-pole breaker' => ['main', false, [
        new Load('up', 'Disposer', LoadKind::Other, 600, 600, pole: 1), new Load('low', 'Dishwasher', LoadKind::Other, 900, 900, pole: 2),
    ]],
]);

it('puts the halves of a two-pole breaker on the legs of their poles', function (int $space, float $a, float $b) {
    $circuit = new Circuit('c', new Position($space, 2), 20, 'Kitchen', role: Role::Must, loads: [
        new Load('up', 'Disposer', LoadKind::Other, 600, 600, pole: 1), new Load('low', 'Dishwasher', LoadKind::Other, 1200, 1200, pole: 2),
        new Load('wide', 'Heater', LoadKind::Other, 480, 480),
    ]);
    $legs = LegCurrents::of($circuit->draws());
    expect([$legs->aAmps, $legs->bAmps, $legs->neutralAmps])->toBe([$a, $b, 5.0])
        ->and([$circuit->runAmps(), $circuit->hasHalves(), $circuit->needsBothLegs()])->toBe([12.0, true, true])
        ->and($circuit->with(position: new Position($space))->hasHalves())->toBeFalse();
})->with([[1, 7.0, 12.0], [3, 12.0, 7.0]]);

it('takes one panel that nobody looked at for not known, and one that has some for having some', function () {
    $panel = fn (?bool $m): Panel => new Panel('p', 'P', 20, hasMultiwire: $m);
    $anywhere = fn (Panel ...$panels): ?bool => (new Multiwire(array_values($panels)))->anywhere();
    expect($anywhere($panel(false), $panel(false)))->toBeFalse()->and($anywhere())->toBeFalse()
        ->and($anywhere($panel(false), $panel(null)))->toBeNull()
        ->and($anywhere($panel(null), $panel(true)))->toBeTrue();
});

it('speaks of the neutral after a move only where the leg changed', function (?bool $multiwire, int $to, bool $speaks) {
    $moved = Houses::circuit((string) $to, 1, Role::Off);
    $panel = new Panel('p', 'P', 20, hasMultiwire: $multiwire, circuits: [$moved]);
    expect(SharedNeutral::afterMoving($moved, new Position(1), new Multiwire([$panel])) !== '')->toBe($speaks);
})->with([[true, 3, true], [null, 3, true], [false, 3, false], [true, 5, false], [null, 2, false]]);

it('takes no switch with pigtails for one that breaks the neutral, whatever was chosen', function (
    SwitchKind $kind, ?bool $chosen, ?bool $breaks,
) {
    $bonded = Houses::supply();
    $bonded = new Supply(Changed::of($bonded->machine, bond: GeneratorNeutral::Bonded), $bonded->fuel);
    $job = Houses::small($bonded, 'manual_switch');
    $job = $job->with($job->connection->with(switchKind: $kind, switchesNeutral: $chosen));
    $way = new ManualTransferSwitch;
    $situation = (new Design($job))->situation();
    $asks = array_filter($way->verdict($situation)->reasons, fn (Reason $r): bool => $r->short === 'which: pigtails, or a broken neutral');
    expect($way->switchesNeutral($situation))->toBe($breaks)
        ->and($asks !== [])->toBe($kind === SwitchKind::Pigtails && $chosen === true)
        ->and(in_array(WayChoice::Neutral, $way->leavesToChoose($situation), true))->toBe($kind === SwitchKind::Cables || $breaks === null)
        ->and(said($job, 'DOUBLE_BOND') !== [])->toBe($breaks !== true);
})->with([
    'pigtails' => [SwitchKind::Pigtails, null, false], 'pigtails, left whole' => [SwitchKind::Pigtails, false, false],
    'pigtails, and said to break it' => [SwitchKind::Pigtails, true, null],
    'cables, broken' => [SwitchKind::Cables, true, true], 'cables, left whole' => [SwitchKind::Cables, false, false],
    'cables, not chosen' => [SwitchKind::Cables, null, null],
]);

<?php

declare(strict_types=1);

namespace Tests\Core\ChainTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobFileFaults;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Feeders;
use Underpin\Job\Job;
use Underpin\Job\LoadKind;
use Underpin\Job\Marking;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\SpaceList;
use Underpin\Loads\Plan;
use Underpin\Outage\SwitchingCard;
use Underpin\Refused;
use Underpin\Service\Distribution;
use Underpin\Service\DistributionPoint;
use Underpin\StageKey;
use Underpin\Stages\StageReport;
use Underpin\Stages\Stages;

use function Tests\pathsOf;

/** A cabinet with two disconnects; the east one feeds a panel that feeds a barn. */
function lodge(?bool $barnBond = false): Job
{
    return Houses::job(
        'Lodge', serviceAmps: 400,
        panels: [
            new Panel(
                'east', 'East', 20, PanelKind::Main, 200, true, 1, false,
                [
                    Houses::circuit('5', 2, Role::Off, name: 'Barn feeder', amps: 60),
                    Houses::circuit('2', 1, Role::Must, 120, 120, name: 'Lights'),
                ],
                'd1', bonded: false,
            ),
            new Panel(
                'west', 'West', 20, PanelKind::Main, 200, circuits: [Houses::circuit('9', 1, Role::Must, 240, 240, name: 'Fans')],
                fedFrom: 'd2', bonded: false,
            ),
            new Panel(
                'barn', 'Barn', 12, PanelKind::Sub, null,
                circuits: [Houses::circuit('1', 1, Role::Must, 600, 1800, LoadKind::Pump, 'Barn pump')], fedFrom: 'east',
                bonded: $barnBond, feederCircuit: 'c5',
            ),
        ],
        connection: 'interlock',
        service: new Service(
            DisconnectPlace::Cabinet,
            [
                new Disconnect('d1', 'East disconnect', 200, true, Marking::Service),
                new Disconnect('d2', 'West disconnect', 200, true, Marking::Service),
            ],
        ),
    );
}

it('orders the chain from the utility to every panel', function () {
    $chain = Distribution::of(lodge());
    expect(
        array_map(fn (DistributionPoint $n) => [$n->id, $n->parent, $n->depth, $n->feederAmps, $n->offAmps, $n->isService], $chain->nodes)
    )->toBe([
        ['', null, 0, null, null, false], ['d1', '', 1, null, 200, true], ['d2', '', 1, null, 200, true],
        ['east', 'd1', 2, null, 200, false], ['barn', 'east', 3, 60, null, false], ['west', 'd2', 2, null, 200, false],
    ])->and($chain->behind('d1'))->toBe(['d1', 'east', 'barn'])->and($chain->behind('barn'))->toBe(['barn']);
});

it('says what stays live ahead of each switch', function (string $id, string $said) {
    expect(Distribution::of(lodge())->node($id)?->stillLive)->toContain($said);
})->with([
    ['d1', 'back to the utility'], ['east', 'until East disconnect is off'], ['barn', 'its feeder\'s breaker (60 A) in East'],
    ['', 'Only the utility'],
]);

it('takes the one panel\'s main for the service disconnect, and one at the meter for that of every panel', function () {
    $panel = new Panel('p', 'P', 20, mainAmps: 200);
    $alone = new Distribution(new Service(DisconnectPlace::Panel), [$panel]);
    expect($alone->node('p')?->isService)->toBeTrue()->and($alone->node('p')?->stillLive)->toContain('Only the utility');
    $metered = fn (?Marking $marking, ?int $main = 200): Distribution => new Distribution(
        new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, null, $marking)]),
        [new Panel('p', 'P', 20, mainAmps: $main), new Panel('s', 'S', 12, PanelKind::Sub, fedFrom: 'p')],
    );
    $services = fn (Distribution $chain): array => array_map(fn (string $id): ?bool => $chain->node($id)?->isService, ['m', 'p', 's']);
    $behind = fn (Distribution $chain): array => array_map(
        fn (string $id): ?bool => $chain->isBehindService($chain->node($id)), ['m', 'p', 's'],
    );
    expect($metered(null)->node('p')?->parent)->toBe('m')
        ->and([$services($metered(Marking::Service)), $behind($metered(Marking::Service))])->toBe([
            [true, false, false], [false, true, true],
        ])
        ->and([$services($metered(Marking::NotService)), $behind($metered(Marking::NotService))])->toBe([
            [false, true, false], [false, false, true],
        ])
        ->and([$services($metered(null)), $behind($metered(null))])->toBe([[null, null, false], [false, null, null]])
        ->and([$services($metered(Marking::NotService, null)), $behind($metered(Marking::NotService, null))])->toBe([
            [false, null, false], [false, false, null],
        ]);
    $without = new Distribution(new Service, [new Panel('q', 'Q', 20)]);
    expect($without->node('q')?->stillLive)->toContain('nobody has looked for a main')
        ->and($without->node('q')?->switch())->toBe('main breaker not looked at')
        ->and($without->node('q')?->isService)->toBeNull();
    $lugs = new Distribution(new Service, [new Panel('q', 'Q', 20, mainLugs: true)]);
    expect($lugs->node('q')?->stillLive)->toContain('main lugs only')->and($lugs->node('q')?->switch())->toBe('main lugs only');
});

it('finds a bond behind the service, and a service without one', function () {
    $codes = fn (Job $job) => array_map(
        fn ($f) => $f->code->value, array_filter(Review::of($job)->findings, fn ($f) => $f->stage === StageKey::Survey),
    );
    expect($codes(lodge(true)))->toContain('NEUTRAL_IN_SUBPANEL')
        ->and($codes(lodge()))->not->toContain('NEUTRAL_IN_SUBPANEL')->not->toContain('NO_SERVICE_BOND');
    $unbonded = Houses::job(
        'x', panels: [new Panel('p', 'P', 20, mainAmps: 200, bonded: false)], service: new Service(DisconnectPlace::Panel),
    );
    expect($codes($unbonded))->toContain('NO_SERVICE_BOND');
    $unlooked = Houses::job('x', panels: [new Panel('p', 'P', 20, mainAmps: 200)], service: new Service(DisconnectPlace::Panel));
    expect($codes($unlooked))->not->toContain('NO_SERVICE_BOND')
        ->and(
            StageReport::of(Stages::standard()->get(StageKey::Survey), Review::of($unlooked))->missing
        )->toContain('Where neutral and ground are bonded.');
});

it('asks for what the chain still misses', function () {
    $job = Houses::job(
        'x', serviceAmps: 400,
        panels: [
            new Panel('a', 'A', 20, mainAmps: 200), new Panel('s', 'Shed', 12, PanelKind::Sub),
            new Panel('t', 'Stable', 12, PanelKind::Sub, fedFrom: 'a'),
        ],
    );
    expect(StageReport::of(Stages::standard()->get(StageKey::Survey), Review::of($job))->missing)
        ->toContain('Where the service is switched off.')
        ->toContain('What feeds Shed.')
        ->toContain('The breaker of the feeder to Stable.')
        ->not->toContain('What feeds Stable.');
});

it('refuses a chain that is none', function (array $feeds, string $field) {
    $panels = array_map(fn (string $id, string $from) => new Panel($id, strtoupper($id), 12, fedFrom: $from), array_keys($feeds), $feeds);
    expect(fn () => Feeders::guard(new Service, $panels))->toThrow(fn (Refused $refused) => expect($refused->field)->toBe($field));
})->with([
    'itself' => [['a' => 'a'], 'panels.0.fed_from'], 'a ring' => [['a' => 'b', 'b' => 'c', 'c' => 'a'], 'panels.0.fed_from'],
    'nothing there' => [['a' => '', 'b' => 'z'], 'panels.1.fed_from'],
]);

it('stands any name for a panel, but not one name for two boxes', function () {
    $panels = fn (string $id) => [new Panel($id, 'P', 12, mainAmps: 100, fedFrom: 'd'), new Panel('q', 'Q', 12, fedFrom: $id)];
    $service = new Service(DisconnectPlace::Meter, [new Disconnect('d', 'D', 100)]);
    foreach (['meter', '0', ' ', 'd d'] as $id) {
        Feeders::guard($service, $panels($id));
        expect((new Distribution($service, $panels($id)))->behind('d'))->toBe(['d', $id, 'q']);
    }
    expect(fn () => Feeders::guard($service, [new Panel('d', 'P', 12)]))->toThrow(
        fn (Refused $refused) => expect($refused->field)->toBe('service.disconnects')
    );
});

it('draws no ring even when it is given one', function () {
    expect(
        (new Distribution(new Service, [new Panel('a', 'A', 12, fedFrom: 'b'), new Panel('b', 'B', 12, fedFrom: 'a')]))->nodes
    )->toHaveCount(1);
});

it('counts what hangs behind a feeder once, and does not ask the feeder for watts', function () {
    $plan = Plan::of(lodge());
    expect($plan->running->totalW)->toBe(960.0)
        ->and(array_map(fn ($c) => $c->name, $plan->off))->toBe([])
        ->and($plan->figuresMissing())->toBe([]);
});

it('feeds with an interlock only what hangs behind its panel, and puts the feeder on the card first', function () {
    $review = Review::of(lodge());
    expect(array_map(fn ($c) => $c->name, $review->design->connection()->powers))->toBe(['Lights', 'Barn pump'])
        ->and(array_map(fn ($c) => $c->name, $review->design->connection()->dead))->toBe(['Fans']);
    $names = array_map(fn ($row) => $row->name, SwitchingCard::of($review)->start);
    expect($names)->toContain('Barn feeder')
        ->and(array_search('Barn feeder', $names, true))->toBeLessThan(array_search('Barn pump', $names, true));
});

it('keeps the chain in a job file, and names its faults', function () {
    $job = lodge();
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job)))->toEqual($job);
    $data = JobFile::standard()->toArray($job);
    $data['panels'][2]['fed_from'] = 'nowhere';
    $data['panels'][1]['tandem_spaces'] = 'some';
    $data['service']['disconnects'][0]['amps'] = 5;
    $paths = [];
    try {
        JobFile::standard()->decode(json_encode($data, JSON_THROW_ON_ERROR));
    } catch (JobFileFaults $faults) {
        $paths = array_map(fn ($f) => $f->field, $faults->faults);
    }
    expect($paths)->toBe(['service.disconnects.0.amps']);
    $data['service']['disconnects'][0]['amps'] = 200;
    expect(pathsOf($data))->toBe(['panels.1.tandem_spaces']);
    $data['panels'][1]['tandem_spaces'] = '';
    expect(pathsOf($data))->toBe(['panels.2.fed_from']);
});

it('finds a tandem where the label accepts none', function () {
    $job = Houses::job(
        'x',
        panels: [
            new Panel(
                'p', 'P', 20, circuits: [Houses::circuit('4a', 1, Role::Off), Houses::circuit('12a', 1, Role::Off)],
                tandemSpaces: SpaceList::parse('9-20'),
            ),
        ],
    );
    $found = array_values(array_filter(Review::of($job)->findings, fn ($f) => $f->code->value === 'TANDEM_NOT_ACCEPTED'));
    expect(array_map(fn ($f) => $f->circuitId, $found))->toBe(['c4a']);
});

it('knows the breaker of a feeder: the circuit before it, else what was typed', function (
    string $fedFrom, string $feederCircuit, ?int $typed, ?int $amps,
) {
    $main = Changed::of(Houses::small()->service->panels[0], circuits: [Houses::circuit('9', 2, Role::Off, name: 'Feeder', amps: 60)]);
    $sub = new Panel('sub', 'Sub', 12, PanelKind::Sub, fedFrom: $fedFrom, feederAmps: $typed, feederCircuit: $feederCircuit);
    expect(Feeders::breakerAmps($sub, [$main, $sub]))->toBe($amps);
})->with([['main', 'c9', null, 60], ['main', 'c9', 100, 60], ['main', '', 100, 100], ['main', 'gone', 100, 100], ['main', '', null, null],
    ['', 'c9', 100, 100]]);

<?php

declare(strict_types=1);

namespace Tests\Core\PlannedArrangementTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Checks\ArrangementRules;
use Underpin\Checks\Code;
use Underpin\Checks\Finding;
use Underpin\Checks\PlannedArrangement;
use Underpin\Checks\Review;
use Underpin\Checks\Rules\Judgement;
use Underpin\Checks\Rules\Rule;
use Underpin\Checks\Rules\Rules;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Dwelling;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Machine\Plate;
use Underpin\Job\MachineKind;
use Underpin\Job\Marking;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Job\Service;
use Underpin\Job\ShedLoad;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Sizing\Supply;

/** @return list<string> */
function codesOf(Job $job): array
{
    return array_map(fn (Finding $f): string => $f->code->value, Review::of($job)->findings);
}

/** A standby behind a service disconnect, with its demand of 10,200 VA. */
function automatic(float $runW, mixed ...$changes): Job
{
    return Changed::of(Houses::small(
        Houses::supply($runW, $runW, 240, Outlet::Terminals, 80, MachineKind::Standby), 'automatic',
    ), ...[
        'wire' => new WireRun(null, 60), 'demand' => new DemandInputs(DemandMethod::Optional, 240.0, new Dwelling(2000)),
        'service' => new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, true, Marking::Service)]),
        'serviceAmps' => 200, ...$changes,
    ]);
}

function machineOf(Job $job, mixed ...$changes): Job
{
    return Changed::of($job, supply: new Supply(Changed::of($job->generator->machine, ...$changes), Fuel::Gasoline));
}

it('judges nothing before a machine and a way are picked', function () {
    expect(PlannedArrangement::of(new Design(Houses::small())))->toBeNull()
        ->and(PlannedArrangement::of(new Design(Houses::small(Houses::supply()))))->toBeNull()
        ->and(PlannedArrangement::of(new Design(Houses::small(Houses::supply(), 'interlock'))))->not->toBeNull();
});

it('hands on what is known of the machine and the legs, and leaves the rest open', function () {
    $job = Changed::of(Houses::small(Houses::supply(7200, 9000), 'interlock'), wire: new WireRun(25, 20));
    $facts = fn (Job $job) => PlannedArrangement::of(new Design($job));
    $unrated = Changed::of($job->generator->machine, ratings: [new Rating(Fuel::Gasoline, 7200, null)], bond: null);
    $open = $facts(Changed::of($job, supply: new Supply($unrated, Fuel::Gasoline)));
    $fit = (new Design($job))->fit();
    expect([$facts($job)->generator->surgeW, $facts($job)->generator->ownBreaker, $facts($job)->generator->bonded])
        ->toBe([9000.0, true, false])
        ->and([$open->generator->surgeW, $open->generator->bonded])->toBe([null, null])
        ->and([$facts($job)->loads->aAmps, $facts($job)->loads->startPeakAmps])
        ->toBe([$fit->running->aAmps, $fit->starting->peakAmps()])
        ->and($fit->running->aAmps)->toBeGreaterThan(0.0)
        ->and($facts(automatic(18_000))->generator->ownBreaker)->toBeNull();
});

it('finds in a design what the rules of an arrangement find', function (Job $job, string $code, bool $there) {
    expect(in_array($code, codesOf($job), true))->toBe($there);
})->with(function (): iterable {
    yield 'a machine that is not listed' => [
        machineOf(Houses::small(Houses::supply(), 'interlock'), plate: new Plate(listed: false)), 'GENERATOR_UNLISTED', true,
    ];
    yield 'a listed one' => [
        machineOf(Houses::small(Houses::supply(), 'interlock'), plate: new Plate(listed: true)), 'GENERATOR_UNLISTED', false,
    ];
    yield 'an automatic switch and too small a machine' => [automatic(9_000), 'AUTO_UNDER_LOAD', true];
    yield 'one that is large enough' => [automatic(18_000), 'AUTO_UNDER_LOAD', false];
    $small = automatic(10_000);
    yield 'enough is shed' => [$small->with($small->connection->with(shed: [new ShedLoad('c5')])), 'AUTO_UNDER_LOAD', false];
    $switched = fn (?GeneratorNeutral $bond): Job => machineOf(
        automatic(18_000)->with(automatic(18_000)->connection->with(switchesNeutral: true)), bond: $bond,
    );
    yield 'a floating machine on a switch that breaks the neutral' => [$switched(GeneratorNeutral::Floating), 'NO_BOND', true];
    yield 'a bonded one' => [$switched(GeneratorNeutral::Bonded), 'NO_BOND', false];
    yield 'a bonded one is no second bond there' => [$switched(GeneratorNeutral::Bonded), 'DOUBLE_BOND', false];
    $amps = fn (?bool $breaker, float $amps): Job => machineOf(automatic(18_000), plate: new Plate(ownBreaker: $breaker, amps: $amps));
    // 3 AWG carries 85 A at 60 °C
    yield 'no breaker of its own and 115 % over the wire' => [$amps(false, 74.0), 'FEEDER_115', true];
    yield 'at 115 %' => [$amps(false, 85 / 1.15), 'FEEDER_115', false];
    yield 'with a breaker' => [$amps(true, 100.0), 'FEEDER_115', false];
    yield 'nobody knows of a breaker' => [$amps(null, 100.0), 'FEEDER_115', false];
});

it('says of each rule the same as the check that speaks in its place', function (int $seed) {
    $same = [
        Code::DoubleBond, Code::BondedGfciTrip, Code::InletUnderOutlet, Code::WiringWet, Code::MultiwireOn120,
        Code::OverSurge,
    ];
    $ways = array_keys(Ways::standard()->options());
    mt_srand($seed);
    $job = RandomHouse::job($seed);
    $on120 = mt_rand(0, 3) === 0;
    $outlet = $on120 ? Outlet::Travel30 : [Outlet::Locking20, Outlet::Locking30, Outlet::Straight50][mt_rand(0, 2)];
    $machine = Changed::of(
        Houses::machine(4000, 5000, $on120 ? 120 : 240, $outlet, $outlet->amps()),
        bond: [null, ...GeneratorNeutral::cases()][mt_rand(0, 2)], gfci: mt_rand(0, 1) === 1,
    );
    $job = Changed::of(
        $job, connection: $ways[$seed % count($ways)], supply: new Supply($machine, Fuel::Gasoline),
        wire: new WireRun(
            mt_rand(0, 200), mt_rand(0, 300), [null, 20, 30, 50][mt_rand(0, 3)], WiringMethod::cases()[mt_rand(0, 1)],
            wet: mt_rand(0, 1) === 1,
        ),
    );
    $design = new Design($job);
    $arrangement = PlannedArrangement::of($design);
    $codes = codesOf($job);
    expect($arrangement)->not->toBeNull();
    foreach (Rules::all() as $rule) {
        $broken = in_array($rule->code(), $same, true) ? $rule->isBroken($arrangement) : null;
        expect($broken === null || in_array($rule->code()->value, $codes, true) === $broken)->toBeTrue($rule->code()->value);
    }
    expect((new Judgement($arrangement))->notChecked())->not->toBe([]);
})->with(range(1, 60));

it('knows of every rule whether it speaks for itself', function () {
    $own = array_filter(Rules::all(), fn (Rule $rule): bool => ! ArrangementRules::isSaidElsewhere($rule));
    expect(count($own))->toBe(count(Rules::all()) - 20);
});

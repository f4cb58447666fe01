<?php

declare(strict_types=1);

use Tests\Support\Houses;
use Underpin\Checks\Facts;
use Underpin\JobFile\JobFile;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Plan;
use Underpin\Loads\Role;
use Underpin\Service\Panel;
use Underpin\Sizing\Fit;
use Underpin\Sizing\LegStrip;
use Underpin\Sizing\Outlet;
use Underpin\Sizing\Ranking;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Verdict;

function fit(array $circuits, ?Supply $supply = null, float $margin = 20): Fit
{
    return Fit::of(new Plan($circuits), $supply ?? Houses::supply(), $margin);
}

it('judges each leg, never their average', function () {
    // 7,200 W on 120/240 V: 30 A a leg. 31 A on A and nothing on B would average 15.5 A.
    $fit = fit([Houses::circuit('1', 1, Role::Must, 31 * 120)]);
    expect($fit->verdict)->toBe(Verdict::Short)->and($fit->headline())->toContain('1.0 A on leg A');
});

it('holds up to the limit and not a watt further', function (float $watts, Verdict $verdict) {
    expect(fit([Houses::circuit('1', 1, Role::Must, $watts)], margin: 0)->verdict)->toBe($verdict);
})->with([[30 * 120, Verdict::Holds], [30 * 120 + 1, Verdict::Short]]);

it('keeps the margin that was chosen', function () {
    expect(fit([Houses::circuit('1', 1, Role::Must, 24 * 120)])->verdict)->toBe(Verdict::Holds)
        ->and(fit([Houses::circuit('1', 1, Role::Must, 24.1 * 120)])->verdict)->toBe(Verdict::Tight);
});

it('sees the start that the running watts hide', function () {
    $pump = Houses::circuit('1', 2, Role::Must, 1200, 9600, LoadKind::Pump, 'Pump');
    $fit = fit([$pump]);
    expect($fit->verdict)->toBe(Verdict::Short)->and($fit->overSurge())->toBeTrue()->and($fit->headline())->toContain('Pump starts at 40.0 A');
});

it('sees the motor that starts again by itself with everything on', function () {
    // In the best order 31 A; with the lights on, the pump's own switch makes it 5 + 30 + … = 41 A of 37.5 A.
    $circuits = [Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::Pump, 'Pump'), Houses::circuit('5', 1, Role::Must, 1200, 1200, LoadKind::Lighting)];
    $fit = fit($circuits);
    expect($fit->starting->peakAmps())->toEqualWithDelta(31.0, 1e-9)->and($fit->restartA)->toEqualWithDelta(41.0, 1e-9)->and($fit->verdict)->toBe(Verdict::Tight);
});

it('never takes a missing figure for none', function (array $circuits, string $says) {
    $fit = fit($circuits);
    expect($fit->verdict)->toBe(Verdict::Unknown)->and($fit->headline())->toContain($says);
})->with([
    'no loads' => [[Houses::circuit('1', 1, Role::Must)], 'no watts'],
    'motor without start' => [[Houses::circuit('1', 1, Role::Must, 500, null, LoadKind::Pump)], 'no starting watts'],
    'nothing marked' => [[Houses::circuit('1', 1, Role::Off, 500)], 'Mark what must run'],
]);

it('puts everything of a 120 V machine on its one hot wire', function () {
    $supply = Houses::supply(3400, 4200, 120, Outlet::Travel30, 30);
    $fit = fit([Houses::circuit('1', 1, Role::Must, 1200), Houses::circuit('3', 1, Role::Must, 1200)], $supply);
    expect($fit->running->aAmps)->toBe(20.0)->and($fit->running->bAmps)->toBe(0.0)->and($supply->runLimitA())->toEqualWithDelta(3400 / 120, 1e-9);
    $fit = fit([Houses::circuit('1', 2, Role::Must, 400, 400, name: 'Dryer')], $supply);
    expect($fit->verdict)->toBe(Verdict::Short)->and($fit->headline())->toContain('Dryer cannot run');
});

it('is bounded by the outlet where that is less than the engine', function () {
    expect(Houses::supply(9600, 12000, 240, Outlet::Locking30, 30)->runLimitA())->toBe(30.0);
});

it('finds what can run together when not all fits', function () {
    $fit = fit([
        Houses::circuit('1', 1, Role::Must, 2400), Houses::circuit('5', 1, Role::Must, 1800), Houses::circuit('9', 1, Role::Must, 1700),
        Houses::circuit('3', 1, Role::Must, 600, kind: LoadKind::Medical),
    ]);
    expect($fit->verdict)->toBe(Verdict::Short)
        ->and(array_map(fn ($c) => $c->id, $fit->together()->on))->toBe(['c5', 'c9', 'c3'])
        ->and(array_map(fn ($c) => $c->id, $fit->together()->waiting))->toBe(['c1']);
});

it('fills the room beside what must run, and leaves out a start that is too hard', function () {
    $circuits = [
        Houses::circuit('1', 1, Role::Must, 1200), Houses::circuit('5', 1, Role::Room, 1200), Houses::circuit('9', 1, Role::Room, 1800),
        Houses::circuit('3', 1, Role::Room, 600, 6000, LoadKind::Compressor), Houses::circuit('7', 1, Role::Room),
    ];
    $together = fit($circuits)->together();
    expect(array_map(fn ($c) => $c->id, $together->on))->toBe(['c1', 'c5'])
        ->and(array_map(fn ($c) => $c->id, $together->waiting))->toBe(['c9', 'c3'])
        ->and(array_map(fn ($c) => $c->id, $together->unweighed))->toBe(['c7']);
});

it('weighs a house with more circuits than the search takes', function () {
    $circuits = array_map(fn (int $n) => Houses::circuit((string) $n, 1, Role::Room, 120 + $n), range(1, 60));
    $together = fit([Houses::circuit('61', 1, Role::Must, 120), ...$circuits])->together();
    $running = Fit::runningOn(Houses::supply(), $together->on);
    expect($running->worstAmps())->toBeLessThanOrEqual(30.0)->and(count($together->on) + count($together->waiting))->toBe(61)->and(count($together->on))->toBeGreaterThan(40);
});

it('ranks what holds before what does not, and the cheaper first', function () {
    $machines = [Houses::machine(2000, 2500, id: 'small', price: 300), Houses::machine(9000, 11000, id: 'dear', price: 3000), Houses::machine(8000, 10000, id: 'right', price: 1500), Houses::machine(3000, 3500, id: 'less-small', price: 400)];
    $plan = new Plan([Houses::circuit('1', 1, Role::Must, 2400)]);
    expect(array_map(fn (Fit $f) => $f->supply->machine->id, Ranking::of($plan, $machines, 20)))->toBe(['right', 'dear', 'less-small', 'small']);
});

it('says on the strip what it needs before a machine is picked', function () {
    $job = new JobFile('x', panels: [new Panel('p', 'P', 20, circuits: [Houses::circuit('1', 1, Role::Must, 1920)])]);
    $strip = LegStrip::of(new Facts($job));
    expect($strip->aRunA)->toBe(16.0)->and($strip->detail)->toContain('4,800 W running');
    expect(LegStrip::of(new Facts(Houses::small(Houses::supply())))->ticks)->toHaveCount(3);
});

<?php

declare(strict_types=1);

namespace Tests\Core\VerdictTest;

use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Plot\HoursBars;
use Underpin\Drawing\Plot\PlotInk;
use Underpin\Drawing\Plot\TurnsChart;
use Underpin\Drawing\Plot\TurnsInk;
use Underpin\Job\Circuit;
use Underpin\Job\Duty;
use Underpin\Job\Fuel;
use Underpin\Job\GrowthLoad;
use Underpin\Job\Job;
use Underpin\Job\LoadBasis;
use Underpin\Job\LoadKind;
use Underpin\Job\Machine\Plate;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Role;
use Underpin\Job\Site;
use Underpin\Legs\Leg;
use Underpin\Outage\SwitchingCard;
use Underpin\Refused;
use Underpin\Sizing\CurrentLimit;
use Underpin\Sizing\CurrentLimits;
use Underpin\Sizing\Fit;
use Underpin\Sizing\GrownFit;
use Underpin\Sizing\Recommendation;
use Underpin\Sizing\StartDip;
use Underpin\Sizing\StartRow;
use Underpin\Sizing\StartTable;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Turns\DayOfTurns;
use Underpin\Sizing\VoltageDip;

function design(?Supply $supply, string $way = 'interlock'): Design
{
    return new Design(Houses::small($supply, $way));
}

function limits(Design $design): CurrentLimits
{
    return new CurrentLimits($design->fit() ?? throw new \LogicException('no machine'), $design->assembly());
}

/** @param  list<Circuit>  $circuits */
function starts(Supply $supply, array $circuits): StartTable
{
    return new StartTable(Fit::of(new \Underpin\Loads\Plan($circuits), $supply, 20.0));
}

it('names what binds, from the engine to the panel', function () {
    $names = fn (CurrentLimits $limits): array => array_map(fn (CurrentLimit $limit): string => $limit->name, $limits->limits);
    // 7,200 W is 30 A on each leg, and so is the outlet; high up the engine gives less.
    $high = new Supply(Houses::machine(), Fuel::Gasoline, new Site(altitudeFt: 5000, hottestF: 95));
    $job = Changed::of(Houses::small(null, 'interlock'), supply: $high, site: $high->site);
    $engine = limits(new Design($job));
    expect($engine->binding()->name)->toBe('the engine on gasoline, at 5,000 ft and 95 °F')
        ->and($engine->binding()->amps)->toBeLessThan(30.0)
        ->and($names($engine))->toContain('the outlet L14-30R', 'the inlet', 'the generator breaker')
        ->and($engine->words())->toStartWith('The engine on gasoline, at 5,000 ft and 95 °F binds first:');

    $outlet = limits(design(Houses::supply(12_000, 15_000)));
    expect($outlet->binding()->amps)->toBe(30.0)->and($outlet->limits[count($outlet->limits) - 1]->name)->toBe('the engine on gasoline');
    $bare = new CurrentLimits(Fit::of(design(null)->plan(), Houses::supply(), 20.0), null);
    expect($bare->limits)->toHaveCount(2);
});

it('says that one leg binds where both together would fit', function () {
    $uneven = [Houses::circuit('1', 1, Role::Must, 2400, 2400), Houses::circuit('5', 1, Role::Must, 2400, 2400),
        Houses::circuit('3', 1, Role::Must, 600, 600)];
    $fit = Fit::of(new \Underpin\Loads\Plan($uneven), Houses::supply(), 20.0);
    $limits = new CurrentLimits($fit, null);
    expect($limits->bindsOneLeg())->toBeTrue()->and($limits->words())->toContain('10.0 A too much', 'move a circuit to the other leg');
});

it('tells every start alone, with all else on, by its dip and with a soft starter', function () {
    $table = starts(Houses::supply(), [
        Houses::circuit('5', 2, Role::Must, 1200, 4800, LoadKind::Pump, 'Well pump'),
        Houses::circuit('2', 1, Role::Must, 180, 1200, LoadKind::Refrigeration, 'Fridge'),
        Houses::circuit('8', 1, Role::Must, 120, 120, LoadKind::Lighting, 'Lights'),
    ]);
    [$pump, $fridge] = $table->rows;
    expect(array_map(fn (StartRow $row): string => $row->load->name, $table->rows))->toBe(['Well pump', 'Fridge'])
        ->and($pump->amps)->toEqualWithDelta(20.0, 1e-9)
        ->and($pump->withAllOnAmps)->toEqualWithDelta(5 + 180 / 120 + 15, 1e-9)
        ->and($pump->dip?->pct)->toEqualWithDelta((new VoltageDip(7.2, 0.25, 4.8))->pct, 1e-9)
        ->and($pump->softAmps)->toEqualWithDelta(10.0, 1e-9)
        ->and($pump->softDip?->pct)->toEqualWithDelta((new VoltageDip(7.2, 0.25, 2.4))->pct, 1e-9)
        // A 120 V start loads half of the winding.
        ->and($fridge->dip?->pct)->toEqualWithDelta((new VoltageDip(3.6, 0.25, 1.2))->pct, 1e-9)
        ->and($fridge->onOneHalf)->toBeTrue()
        ->and($table->limitPct())->toBe(30.0)
        ->and($table->deepestPct())->toEqualWithDelta(max($pump->dip->pct, $fridge->dip->pct), 1e-9);
});

it('lets less of a dip pass with electronics on, and tells none where electronics make the voltage', function () {
    $circuits = [Houses::circuit('5', 2, Role::Must, 1200, 6000, LoadKind::Pump, 'Well pump'),
        Houses::circuit('2', 1, Role::Must, 90, 90, LoadKind::Electronics, 'Router')];
    $wound = starts(Houses::supply(), $circuits);
    $made = starts(Houses::supply(7200, 9000, 240, Outlet::Locking30, 30, MachineKind::Inverter), $circuits);
    expect($wound->limitPct())->toBe(15.0)
        ->and($wound->rows[0]->dipIsOver())->toBeTrue()
        ->and(starts(Houses::supply(), [$circuits[0]])->rows[0]->dipIsOver())->toBeFalse()
        ->and($made->rows[0]->dip)->toBeNull()
        ->and($made->deepestPct())->toBeNull()
        ->and(implode(' ', $made->notes()))->toContain('No dip is told');
});

it('warns of a start in idle mode and of pulses on a small wound machine', function () {
    $pump = Houses::circuit('5', 2, Role::Must, 1200, 6000, LoadKind::Pump, 'Well pump');
    $backup = Houses::circuit('2', 1, Role::Must, 900, 900, LoadKind::Electronics, 'Server');
    $idles = fn (?bool $idles): string => implode(' ', starts(
        new Supply(Changed::of(Houses::machine(), plate: new Plate(idleMode: $idles)), Fuel::Gasoline), [$pump],
    )->notes());
    expect($idles(true))->toContain('In idle mode')->toContain('idle mode off until all motors run')
        ->and($idles(null))->toContain('Whether it has an idle mode is not known')
        ->and($idles(false))->not->toContain('idle mode')
        ->and(implode(' ', starts(Houses::supply(), [$pump, $backup])->notes()))->toContain('draw in pulses')
        ->and(implode(' ', starts(Houses::supply(20_000, 25_000, 240, Outlet::Terminals, 100), [$pump, $backup])->notes()))
        ->not->toContain('pulses');
});

it('names motors whose start nobody knows, and recommends no machine without its fuel', function () {
    $table = starts(Houses::supply(), [Houses::circuit('5', 2, Role::Must, 1200, null, LoadKind::Pump, 'Well pump')]);
    $dry = new Supply(Houses::machine(), Fuel::Gasoline, new Site(gasolineGal: 0.0));
    $said = Recommendation::among([Fit::of(design(null)->plan(), $dry, 20.0)], LoadBasis::List);
    expect(implode(' ', $table->notes()))->toContain('not known what they start with: Well pump')
        ->and($said[0])->toStartWith('None of them has its fuel here;');
});

it('takes the rating in kVA from the plate where it has one', function () {
    $plated = new Supply(Changed::of(Houses::machine(), plate: new Plate(kva: 9.0)), Fuel::Gasoline);
    expect(StartDip::kva($plated))->toBe(9.0)->and(StartDip::kva(Houses::supply()))->toBe(7.2)
        ->and(StartDip::of($plated, 4800, false)?->pct)->toBeLessThan(StartDip::of(Houses::supply(), 4800, false)?->pct);
});

it('says whether it still holds with what may come, and which part gives first', function () {
    $design = design(Houses::supply());
    $fit = $design->fit() ?? throw new \LogicException('no machine');
    $grown = fn (GrowthLoad ...$loads): array => array_map(
        fn (GrownFit $each): string => $each->words(4), GrownFit::each($fit, $design->assembly(), array_values($loads)),
    );
    $freezer = new GrowthLoad('f', 'Freezer', LoadKind::Refrigeration, 120, 150, 900);
    $charger = new GrowthLoad('c', 'Car charger', LoadKind::Charger, 240, 7200);
    $saw = new GrowthLoad('s', 'Saw', LoadKind::Tool, 240, 1500, 12_000);
    expect($grown($freezer)[0])->toStartWith('Still holds, with')
        ->and($grown($charger)[0])->toStartWith('The engine on gasoline gives first:')
        ->and($grown($saw)[0])->toStartWith('The start gives first:')
        ->and($grown($freezer, $charger))->toHaveCount(3)
        ->and(GrownFit::each($fit, null, [$freezer, $charger])[2]->name)->toBe('All of it: Freezer and Car charger')
        ->and(GrownFit::each($fit, null, [$charger])[0]->words(1))->toContain('1 space is free in the panel, and it takes 2.')
        // On the leg that carries less: B has the boiler, A the refrigerator.
        ->and(GrownFit::each($fit, null, [$freezer])[0]->fit->running->aAmps)
        ->toEqualWithDelta($fit->running->aAmps + ($fit->running->aAmps > $fit->running->bAmps ? 0 : 150 / 120), 1e-9)
        ->and(fn () => new GrowthLoad('x', 'Odd', LoadKind::Other, 120, 500, 400))->toThrow(Refused::class);
});

it('recommends in three sentences, the cheapest that holds first', function () {
    $plan = design(null)->plan();
    $fit = fn (float $runW, int $price): Fit => Fit::of(
        $plan, new Supply(Houses::machine($runW, $runW * 1.25, price: $price, id: "m$price"), Fuel::Gasoline), 20.0,
    );
    $said = Recommendation::among([$fit(7200, 2000), $fit(4000, 700), $fit(6000, 1500)], LoadBasis::List);
    expect($said)->toHaveCount(3)
        ->and($said[0])->toStartWith('Take Machine m1500 on gasoline:')
        ->and($said[1])->toStartWith('Next comes Machine m2000 on gasoline, at $500 more: holds')
        ->and($said[2])->toContain('the load list')
        ->and(Recommendation::among([$fit(1000, 100)], LoadBasis::List)[0])->toStartWith('None of them holds;');
});

/** @return list<Circuit> a house in which loads cycle on both legs and both */
function turning(int $seed): array
{
    mt_srand($seed);
    $kinds = [LoadKind::Pump, LoadKind::Refrigeration, LoadKind::Boiler, LoadKind::Compressor, LoadKind::Fan, LoadKind::WaterHeating,
        LoadKind::Cooking, LoadKind::Electronics, LoadKind::Lighting];
    $circuits = [Houses::circuit('1', 1, Role::Must, 60, 90, LoadKind::Medical, 'Oxygen'),
        Houses::circuit('2', 1, Role::Must, 400, 900, LoadKind::Pump, 'Sump')];
    for ($i = 0; $i < 4 + $seed % 5; $i++) {
        $run = mt_rand(3, 18) * 100;
        $circuits[] = Houses::circuit(
            (string) (5 + 2 * $i), mt_rand(1, 2), Role::Must, $run, $run * mt_rand(10, 30) / 10, $kinds[mt_rand(0, 8)], "Load $i",
        );
    }

    return $circuits;
}

it('keeps every minute of a day of turns inside both legs, whichever load starts in it', function (int $seed) {
    $circuits = turning($seed);
    $supply = Houses::supply(mt_rand(25, 60) * 100, mt_rand(62, 90) * 100, 240, Outlet::Locking30, 30);
    $day = DayOfTurns::of($supply, $circuits);
    if ($day === null) {
        // All of it fits with every start, or what is on all the time does not.
        expect(true)->toBeTrue();

        return;
    }
    $names = fn (array $of): array => array_map(fn (Circuit $c): string => $c->name, $of);
    expect($names($day->always))->toContain('Oxygen', 'Sump')
        ->and(count($day->always) + count($day->turning) + count($day->unserved))->toBe(count($circuits));
    $runs = $starts = 0.0;
    for ($minute = 0; $minute < 24 * 60; $minute++) {
        $on = [...$day->always, ...array_filter($day->turning, fn (Circuit $c): bool => $day->isOn($c->id, $minute / 60))];
        $a = $b = 0.0;
        foreach ($on as $circuit) {
            $a += $circuit->leg() === Leg::B ? 0 : $circuit->runAmps();
            $b += $circuit->leg() === Leg::A ? 0 : $circuit->runAmps();
        }
        foreach ($on as $circuit) {
            $surplus = $circuit->startAmps() - $circuit->runAmps();
            $runs = max($runs, $a, $b);
            $starts = max($starts, $circuit->leg() === Leg::B ? 0 : $a + $surplus, $circuit->leg() === Leg::A ? 0 : $b + $surplus);
        }
    }
    expect($runs)->toBeLessThanOrEqual($supply->runLimitAmps() + 1e-6)
        ->and($starts)->toBeLessThanOrEqual($supply->surgeLimitAmps() + 1e-6);
    // What somebody switches makes the same day again.
    foreach ($day->switches() as [$at, $off, $on]) {
        expect($at)->toBeGreaterThanOrEqual(6.5)->toBeLessThanOrEqual(22.5);
        foreach ($off as $circuit) {
            expect($day->isOn($circuit->id, $at - 0.01))->toBeTrue()->and($day->isOn($circuit->id, $at + 0.01))->toBeFalse();
        }
        foreach ($on as $circuit) {
            expect($day->isOn($circuit->id, $at - 0.01))->toBeFalse()->and($day->isOn($circuit->id, fmod($at + 0.01, 24)))->toBeTrue();
        }
    }
})->with(range(1, 12));

it('gives each its hours, morning and evening, and says who has none and what that costs', function () {
    $cycles = fn (string $space, float $watts, string $name): Circuit => Houses::circuit(
        $space, 2, Role::Must, $watts, $watts, LoadKind::WaterHeating, $name,
    )->with(loads: [Houses::circuit($space, 2, Role::Must, $watts, $watts, LoadKind::WaterHeating, $name)->loads[0]
        ->with(duty: Duty::Cycling, onS: 600, offS: 1800)]);
    $supply = Houses::supply(5000, 6000);
    $circuits = [$cycles('1', 3000, 'Heater one'), $cycles('5', 3000, 'Heater two'), $cycles('9', 7000, 'Heater three')];
    $day = DayOfTurns::of($supply, $circuits);
    expect($day?->unserved)->toHaveCount(1)
        ->and($day->costs())->toContain('Heater three has no place: 7,000 W for about 7.5 h a day')
        ->and($day->sumOf('c1'))->toBeGreaterThanOrEqual(7.5)
        ->and($day->sumOf('c5'))->toBeGreaterThanOrEqual(7.5)
        ->and(DayOfTurns::of(Houses::supply(), [$cycles('1', 1000, 'Small')]))->toBeNull();
    $mystery = Houses::circuit('13', 1, Role::Must, null, null, LoadKind::Other, 'Mystery');
    expect(DayOfTurns::of($supply, [...$circuits, $mystery])?->costs())->toContain('not known: 13 Mystery.');
    $hours = array_merge(...$day->hoursOf('c1'), ...$day->hoursOf('c5'));
    expect(min($hours))->toBeLessThan(14.5)->and(max($hours))->toBeGreaterThan(14.5);

    $chart = Drawn::of((new TurnsChart($day, 1000))->drawing());
    $bars = array_filter($chart->only(Rect::class), fn (Rect $rect): bool => $rect->ink === TurnsInk::On);
    expect(count($bars))->toBe(count($day->hoursOf('c1')) + count($day->hoursOf('c5')));
});

it('puts the turns on the card where the machine does not hold all of it at once, and nowhere else', function () {
    $job = fn (Supply $supply): Job => Changed::of(Houses::small(null, 'interlock'), supply: $supply);
    $card = fn (Supply $supply): SwitchingCard => SwitchingCard::of(Review::of($job($supply)));
    $small = $card(Houses::supply(1500, 5200, 240, Outlet::Locking30, 30));
    expect($small->turns?->lines())->not->toBeEmpty()->and($card(Houses::supply())->turns)->toBeNull();
});

it('draws how often something happened by the hour, to the highest', function () {
    $by = array_fill(0, 24, 0);
    $by[7] = 12;
    $by[18] = 6;
    $bars = array_values(array_filter(
        Drawn::of((new HoursBars('By hour', $by))->drawing())->only(Rect::class), fn (Rect $rect): bool => $rect->ink === PlotInk::Bar,
    ));
    expect($bars)->toHaveCount(24)->and($bars[18]->box->h)->toEqualWithDelta($bars[7]->box->h / 2, 1e-9)->and($bars[0]->box->h)->toBe(0.0);
});

<?php

declare(strict_types=1);

namespace Tests\Core\OutageTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Codebook\RunsBy;
use Underpin\Codebook\UsualRunning;
use Underpin\Design\Design;
use Underpin\Dice;
use Underpin\Job\Circuit;
use Underpin\Job\Duty;
use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Machine\Housing;
use Underpin\Job\Machine\StoredEnergy;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\PartOfDay;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Job\ShedLoad;
use Underpin\Job\Site;
use Underpin\Outage\Acted;
use Underpin\Outage\Alternative;
use Underpin\Outage\Alternatives;
use Underpin\Outage\Change;
use Underpin\Outage\Deed;
use Underpin\Outage\House\Home;
use Underpin\Outage\House\Lamps;
use Underpin\Outage\House\Patterns;
use Underpin\Outage\House\Thermostat;
use Underpin\Outage\House\UsedByPeople;
use Underpin\Outage\House\Weather;
use Underpin\Outage\Many\Remedy;
use Underpin\Outage\Many\Tally;
use Underpin\Outage\Many\Variations;
use Underpin\Outage\Order;
use Underpin\Outage\Scenario;
use Underpin\Outage\Simulation\CircuitState;
use Underpin\Outage\Simulation\Moment;
use Underpin\Outage\Simulation\MomentKind;
use Underpin\Outage\Simulation\Trace;
use Underpin\Outage\Trial;
use Underpin\Refused;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Turns\DayOfTurns;

/**
 * A house with these circuits on a machine that burns 0.4 gallons an hour idle and 1.2 at its running watts, from a tank of 6.
 *
 * @param  list<Circuit>  $circuits
 */
function house(array $circuits, float $runW = 7200, float $peakW = 9000, ?float $kept = 30.0, string $way = 'interlock'): Job
{
    $machine = Changed::of(
        Houses::machine($runW, $peakW, 240, Outlet::Locking30, 30), ratings: [new Rating(Fuel::Gasoline, $runW, $peakW, 0.4, null, 1.2)],
        housing: new Housing(tankGal: 6),
    );

    return Houses::job(
        'x', panels: [new Panel('main', 'Main panel', 20, PanelKind::Main, 200, true, 1, false, $circuits)],
        supply: new Supply($machine, Fuel::Gasoline), site: new Site(gasolineGal: $kept), connection: $way,
    );
}

function steady(string $space, float $watts, Role $role = Role::Must): Circuit
{
    return Houses::circuit($space, 1, $role, $watts, $watts);
}

function acted(Job $job, Scenario $scenario = new Scenario, mixed ...$trial): Acted
{
    $design = new Design($job);
    $base = new Trial($design->supply() ?? throw new \LogicException('no machine'));

    return Acted::of($design, $scenario, $base->with(...$trial)) ?? throw new \LogicException('nothing to feed');
}

/** @return list<string> kinds of what happened, in order */
function kinds(Acted $acted): array
{
    return array_map(fn (Moment $moment): string => $moment->kind->name, $acted->result->moments);
}

/** A pump, a refrigerator, a boiler and lights with room: enough to cycle. */
function cycling(float $runW = 7200, float $peakW = 9000): Job
{
    return house([
        Houses::circuit('5', 2, Role::Must, 1500, 5200, LoadKind::Pump, 'Well pump', 20, 0.85),
        Houses::circuit('2', 1, Role::Must, 180, 1100, LoadKind::Refrigeration, 'Fridge', 15, 0.85),
        Houses::circuit('4', 1, Role::Must, 300, 900, LoadKind::Boiler, 'Boiler', 15, 0.9),
        Houses::circuit('8', 1, Role::Room, 150, 150, LoadKind::Lighting, 'Lights', 15),
    ], $runW, $peakW);
}

it('comes to what a hand works out where nothing cycles', function () {
    // Five hours from six in the evening: 19 minutes until it carries, then 1,200 W on A and 800 W on B.
    $acted = acted(house([steady('1', 1200), steady('3', 800)]), new Scenario(hours: 4));
    $fedH = 4 - (900 + 240) / 3600;
    // The second circuit waits ten seconds for the first.
    $wh = 1200 * $fedH + 800 * ($fedH - 10 / 3600);
    expect($acted->result->energyWh)->toEqualWithDelta($wh, 1e-6)
        ->and($acted->result->burned)->toEqualWithDelta(0.4 * $fedH + 0.8 / 7200 * $wh, 1e-9)
        ->and($acted->result->left)->toEqualWithDelta(30 - 0.4 * $fedH - 0.8 / 7200 * $wh, 1e-9)
        ->and($acted->result->peakAmps)->toEqual([10.0, 800 / 120])
        ->and($acted->result->peakAtS)->toEqual([1140.0, 1150.0])
        ->and($acted->result->downS)->toEqualWithDelta(1140.0, 1e-9)
        ->and($acted->result->firstOnS)->toBe(1140.0)
        ->and($acted->result->starts)->toBe(2)
        ->and($acted->result->ranS)->toEqual([4 * 3600 - 1140.0, 4 * 3600 - 1150.0])
        ->and(kinds($acted))->toBe(['Lost', 'Ready', 'Back'])
        ->and($acted->headline())->toBe('No overload in these 4 h.')
        ->and($acted->tone())->toBe('good');
});

it('is the same outage for the same seed, and another for another', function () {
    $of = fn (int $seed): array => [acted(cycling(), new Scenario(seed: $seed))->result->energyWh,
        acted(cycling(), new Scenario(seed: $seed))->result->starts];
    expect($of(7))->toBe($of(7))->and($of(8))->not->toBe($of(7));
});

it('keeps what is the same the same when something else is put to the outage', function () {
    $with = acted(cycling(), new Scenario(hours: 6))->trace->circuitsAt(5000.0);
    $more = acted(cycling(), new Scenario(hours: 6), withRoom: true)->trace->circuitsAt(5000.0);
    expect(array_slice($more, 0, 3))->toBe($with);
});

it('says the same in its sums as in its trace, looked at every half second', function (int $seed) {
    $acted = acted(cycling(), new Scenario(hours: 3, startHour: 6, seed: $seed));
    $limit = $acted->house->supply->runLimitAmps();
    $over = $peakA = $peakB = 0.0;
    $ran = array_fill(0, 3, 0.0);
    for ($at = 0.0; $at < 3 * 3600; $at += 0.5) {
        [$a, $b] = $acted->trace->at($at);
        $over += max($a, $b) > $limit ? 0.5 : 0.0;
        $peakA = max($peakA, $a);
        $peakB = max($peakB, $b);
        foreach ($acted->trace->circuitsAt($at) as $place => $state) {
            $ran[$place] += $state === CircuitState::Runs || $state === CircuitState::Starts ? 0.5 : 0.0;
        }
    }
    $changes = $acted->trace->changes();
    expect($over)->toEqualWithDelta($acted->result->overRunS, 0.5 * $changes)
        ->and($peakA)->toEqualWithDelta($acted->result->peakAmps[0], 1e-9)
        ->and($peakB)->toEqualWithDelta($acted->result->peakAmps[1], 1e-9);
    foreach ($ran as $place => $seconds) {
        expect($seconds)->toEqualWithDelta($acted->result->ranS[$place], 30.0);
    }
})->with([1, 2]);

it('stalls on a start that is too much, is found, tried again, and then does without it', function () {
    $acted = acted(house([Houses::circuit('5', 2, Role::Must, 1500, 8000, LoadKind::Pump, 'Well pump'), steady('1', 600)], 5000, 6000),
        new Scenario(hours: 12));
    expect(array_slice(kinds($acted), 0, 5))->toBe(['Lost', 'Ready', 'Trip', 'Ready', 'Trip'])
        ->and($acted->result->overloads())->toBe(2)
        ->and($acted->result->leftOff)->toBe([0])
        ->and($acted->first(MomentKind::Trip)?->words)->toContain('stalls', '33.3 A', 'of 25.0 A for a moment', '5–7 Well pump')
        ->and($acted->tone())->toBe('danger')
        ->and($acted->headline())->toStartWith('2 overloads in 12 h, the first after');
});

it('opens the breaker of the machine where more runs than it carries for hours, though its peak would cover it', function () {
    $acted = acted(house([steady('1', 1900), steady('5', 1900)], 5000, 9000), new Scenario(hours: 4));
    $trip = $acted->first(MomentKind::Trip);
    expect($acted->house->supply->runLimitAmps())->toBeLessThan(3800 / 120)
        ->and($acted->house->supply->surgeLimitAmps())->toBeGreaterThan(3800 / 120)
        ->and($trip?->words)->toContain('breaker opens', 'for hours')
        ->and($trip?->atS)->toBeGreaterThan(1150 + 60.0)->toBeLessThan(1150 + 3600.0);
});

/** @return list<string> what was said of each moment of these kinds, in order */
function said(Acted $acted, MomentKind ...$kinds): array
{
    $moments = array_filter($acted->result->moments, fn (Moment $moment): bool => in_array($moment->kind, $kinds, true));

    return array_values(array_map(fn (Moment $moment): string => $moment->words, $moments));
}

it('names the leg, the amperes, the limit and the last straw of a trip, and leaves the largest load off after two', function () {
    // 1,900 and 1,500 W on leg A are 28.3 A on a machine of 20.8 A: its breaker opens whatever came last.
    $acted = acted(house([steady('1', 1900), steady('5', 1500), steady('3', 100)], 5000, 9000), new Scenario(hours: 4));
    $trip = 'The machine\'s breaker opens: leg A at 28.3 A, of 20.8 A for hours, after 3 circuit 3 went on.';
    expect(said($acted, MomentKind::Trip, MomentKind::LeftOff, MomentKind::Ready))->toBe([
        'The machine carries. 3 circuits are brought on one by one, in 1 min.', $trip,
        'The machine carries. 3 circuits are brought on one by one, in 1 min.', $trip, '1 circuit 1 is left off from now on.',
        'The machine carries. 2 circuits are brought on one by one, in 1 min.',
    ]);
    $onB = acted(house([steady('3', 1900), steady('7', 1500), steady('1', 100)], 5000, 9000), new Scenario(hours: 4));
    expect(said($onB, MomentKind::Trip)[0])->toContain('leg B at 28.3 A');
});

it('finds out within ten minutes that a breaker is open, and four more to warm the engine where it stalled', function () {
    $again = fn (Acted $acted): float => array_values(array_filter(
        $acted->result->moments, fn (Moment $m): bool => $m->kind === MomentKind::Ready,
    ))[1]->atS - ($acted->first(MomentKind::Trip)->atS ?? 0.0);
    $open = acted(house([steady('1', 1900), steady('5', 1900)], 5000, 9000), new Scenario(hours: 4));
    $stalled = acted(house([Houses::circuit('5', 2, Role::Must, 1500, 8000, LoadKind::Pump), steady('1', 600)], 5000, 6000));
    expect($again($open))->toEqualWithDelta(600.0, 1e-6)->and($again($stalled))->toEqualWithDelta(840.0, 1e-6);
});

it('brings all on at once when a switch transfers by itself, and one by one by hand after it gave up', function () {
    $acted = acted(house([steady('1', 1900), steady('5', 1900)], 5000, 9000, way: 'automatic_service'), new Scenario(hours: 1));
    expect(said($acted, MomentKind::Ready))->toBe([
        'The engine runs and the switch transfers: 2 circuits at once.',
        'The machine carries. 2 circuits are brought on one by one, in 1 min.',
        'The machine carries. 1 circuit is brought on one by one, in 1 min.',
    ]);
    $byHand = acted(house([steady('1', 600), steady('5', 600)]), new Scenario(hours: 1), order: Order::AtOnce);
    expect(said($byHand, MomentKind::Ready))->toBe(['The machine carries. 2 circuits at once.']);
});

it('feeds a load in its turns alone, also when the machine carries again in the middle of them', function () {
    $circuits = [
        Houses::circuit('1', 1, Role::Must, 2000, 2000, LoadKind::Refrigeration, 'Cold room', 20),
        Houses::circuit('5', 1, Role::Must, 1900, 1900, LoadKind::Pump, 'Pump', 20), steady('3', 600),
    ];
    $job = house($circuits, 5000, 9000);
    $turns = DayOfTurns::of((new Design($job))->supply(), $circuits);
    $acted = acted($job, new Scenario(hours: 24, startHour: 6.5), turns: $turns);
    $fed = [0, 0, 0];
    for ($at = 30.0; $at < 24 * 3600; $at += 60) {
        foreach ($acted->trace->circuitsAt($at) as $place => $state) {
            // A handle takes a second and more, after the minute.
            $isOn = $turns->isOn($circuits[$place]->id, fmod(6.5 + ($at - 30) / 3600, 24))
                || $turns->isOn($circuits[$place]->id, fmod(6.5 + ($at + 30) / 3600, 24));
            expect($state === CircuitState::Dead || $isOn)->toBeTrue("{$circuits[$place]->id} at $at");
            $fed[$place] += $state === CircuitState::Dead ? 0 : 1;
        }
    }
    expect($acted->result->refuellings)->toBeGreaterThan(0)->and($acted->result->overloads())->toBe(0)
        ->and(min($fed))->toBeGreaterThan(60)
        ->and(array_slice(said($acted, MomentKind::Turn), 0, 3))->toBe(['5 Pump on.', '5 Pump off.', '1 Cold room on.'])
        ->and(said($acted, MomentKind::Ready)[1])->toContain('2 circuits are brought on');
});

it('never leaves off what keeps somebody alive', function () {
    $oxygen = Houses::circuit('1', 1, Role::Must, 2300, 2300, LoadKind::Medical, 'Oxygen');
    $acted = acted(house([$oxygen, steady('5', 1500), steady('9', 700)], 5000, 6000), new Scenario(hours: 6));
    expect($acted->result->overloads())->toBeGreaterThan(1)
        ->and(array_map(fn (int $place): string => $acted->house->circuits[$place]->id, $acted->result->leftOff))->not->toContain('c1');
});

it('says first of all for how long what keeps somebody alive has no power', function () {
    $house = fn (?float $bridgeMin): Acted => acted(house([
        Houses::circuit('1', 1, Role::Must, 300, 400, LoadKind::Medical, 'Oxygen')->with(loads: [
            new Load('o', 'Concentrator', LoadKind::Medical, 300, 400, bridgeMin: $bridgeMin),
        ]), steady('5', 600),
    ]), new Scenario(hours: 8));
    // Nineteen minutes to start it, twenty-five to fill it before the night.
    expect($house(null)->medicalGaps())->toHaveCount(1)
        ->and($house(null)->headline())->toContain('1 Oxygen has no power for 44 min, up to 25 min at a time; what it bridges', 'not known')
        ->and($house(null)->tone())->toBe('danger')
        ->and($house(20.0)->headline())->toContain('its own battery or cylinder bridges 20 min')
        ->and($house(60.0)->medicalGaps())->toBe([]);
    $off = Houses::circuit('1', 1, Role::Off, 300, 400, LoadKind::Medical, 'Oxygen');
    $left = acted(house([$off, steady('5', 600)]), new Scenario(hours: 8));
    expect($left->tone())->toBe('danger')->and($left->headline())->toContain('does not feed 1 Oxygen: that stays dead');
});

it('stays dark with nobody at home, unless the switch works by itself', function () {
    $dark = acted(house([steady('1', 600)]), new Scenario(home: Home::Nobody, hours: 24));
    $auto = acted(house([steady('1', 600)], way: 'automatic_service'), new Scenario(home: Home::Nobody, hours: 24));
    expect($dark->result->firstOnS)->toBeNull()
        ->and($dark->result->downS)->toBe(24 * 3600.0)
        ->and($dark->headline())->toContain('Dark for all of the 24 h')
        ->and($auto->result->firstOnS)->toBe(20.0)
        ->and($auto->result->overloads())->toBe(0);
});

it('waits with the start until somebody is awake, or comes home', function () {
    $of = fn (Home $home, float $start): ?float => acted(house([steady('1', 600)]), new Scenario(hours: 24, startHour: $start, home: $home))
        ->result->firstOnS;
    expect($of(Home::Always, 2))->toEqualWithDelta(4.5 * 3600 + 1140, 1e-6)
        ->and($of(Home::AwayByDay, 9))->toEqualWithDelta(8 * 3600 + 1140, 1e-6)
        ->and($of(Home::AwayByDay, 23))->toEqualWithDelta(7.5 * 3600 + 1140, 1e-6);
});

it('fills the tank by day, before the night and in the morning, and runs dry when there is no more', function () {
    $acted = acted(house([steady('1', 1200), steady('3', 1200)], kept: 14.0), new Scenario(hours: 72));
    $burn = 0.4 + 0.8 * 2400 / 7200;
    $dry = $acted->first(MomentKind::Dry);
    expect($acted->result->refuellings)->toBeGreaterThan(0)
        ->and($acted->result->burned)->toEqualWithDelta(14.0, 1e-6)
        ->and($acted->result->left)->toEqualWithDelta(0.0, 1e-6)
        ->and($dry?->words)->toContain('nothing is left to fill it from')
        ->and($dry?->atS)->toBeGreaterThan(14 / $burn * 3600)
        ->and($acted->tone())->toBe('wrong')
        ->and($acted->headline())->toContain('without power for');

    $fetched = acted(house([steady('1', 1200), steady('3', 1200)], kept: 14.0), new Scenario(hours: 72, fetches: true));
    expect($fetched->result->burned)->toBeGreaterThan(30.0)->and($fetched->result->downS)->toBeLessThan($acted->result->downS);
});

it('says that it is not known what is burned, where the data sheet does not', function () {
    $job = house([steady('1', 600)]);
    $machine = Changed::of($job->generator->machine, ratings: [new Rating(Fuel::Gasoline, 7200, 9000)]);
    $acted = acted(Houses::changed($job, supply: new Supply($machine, Fuel::Gasoline)));
    expect($acted->result->burned)->toBeNull()->and($acted->result->left)->toBeNull()->and($acted->leftUnknown())->toBe('not known')
        ->and($acted->headline())->toContain('whether the fuel lasts is not judged')
        ->and($acted->tone())->toBe('advice');
    $unsaid = acted(house([steady('1', 1200)], kept: null), new Scenario(hours: 24));
    expect($unsaid->headline())->toContain('what is kept to fill it from is not known');
});

it('drains a battery, and is charged by the sun around noon', function () {
    $battery = fn (?float $sunW): Job => (function () use ($sunW): Job {
        $job = house([steady('1', 300)]);
        $machine = Changed::of(
            $job->generator->machine, form: MachineKind::Battery, stored: new StoredEnergy(3600, 5, 1000),
            ratings: [new Rating(Fuel::Stored, 3000, 6000)],
        );

        return Houses::changed($job, supply: new Supply($machine, Fuel::Stored))
            ->with(Changed::of($job->fuelKept, sunW: $sunW, sunH: $sunW === null ? null : 4.0));
    })();
    $dry = acted($battery(null), new Scenario(hours: 48, startHour: 6))->first(MomentKind::Dry)?->atS;
    $sun = acted($battery(900.0), new Scenario(hours: 48, startHour: 6))->first(MomentKind::Dry)?->atS;
    // Awake at half past six, a quarter of an hour to set it up, then twelve hours.
    expect($dry)->toEqualWithDelta((0.75 + 12) * 3600, 1.0)
        // From ten it gains 600 W, is full before noon and stays so until 14:00: from there it lasts twelve hours more.
        ->and($sun)->toEqualWithDelta((14 + 12 - 6) * 3600, 1.0);
});

it('sheds in its order where a leg is over, and brings back when there is room', function () {
    $job = house([steady('1', 1900), steady('5', 1000), steady('9', 900)], 7200, 16_000, way: 'automatic_service');
    $job = $job->with($job->connection->with(shed: [new ShedLoad('c9', 1, 60), new ShedLoad('c5', 2, 60)]));
    $acted = acted($job, new Scenario(hours: 2));
    $shed = array_values(array_filter($acted->result->moments, fn (Moment $m): bool => $m->kind === MomentKind::Shed));
    expect($shed[0]->words)->toContain('circuit 9')
        ->and($acted->result->overloads())->toBe(0)
        ->and($acted->result->overRunS)->toBeLessThan(1.0);
});

it('does what somebody does at a time, whatever the plan says', function () {
    $job = house([steady('1', 600), steady('3', 900)]);
    $acted = acted($job, new Scenario(hours: 3, deeds: [new Deed(1.0, 'c3', false), new Deed(2.0, 'c3', true)]));
    $off = $acted->house->place('c3');
    expect($acted->trace->circuitsAt(1.5 * 3600)[$off])->toBe(CircuitState::Dead)
        ->and($acted->trace->circuitsAt(2.5 * 3600)[$off])->toBe(CircuitState::Runs)
        ->and(kinds($acted))->toContain('Off', 'On');
});

it('brings everything on at once where somebody does, and one after the other where the card is followed', function () {
    $always = fn (Circuit $circuit): Circuit => $circuit->with(loads: [$circuit->loads[0]->with(duty: Duty::Continuous)]);
    $job = house([
        $always(Houses::circuit('5', 2, Role::Must, 900, 4200, LoadKind::Pump, 'Well pump')),
        $always(Houses::circuit('9', 2, Role::Must, 900, 4200, LoadKind::Compressor, 'Cooler')),
    ], 5000, 6500);
    $deep = fn (Order $order): int => acted($job, new Scenario(hours: 0.5), order: $order)->result->overloads();
    $alone = acted($job, new Scenario(hours: 0.5), order: Order::Best);
    expect($deep(Order::AtOnce))->toBeGreaterThan(0)->and($alone->result->overloads())->toBe(0);
});

it('starts softer with a soft starter, and idles into a stall where idle mode was left on', function () {
    $job = house([Houses::circuit('5', 2, Role::Must, 1500, 8000, LoadKind::Pump, 'Well pump')], 5000, 6000);
    $pump = house([Houses::circuit('5', 2, Role::Must, 1500, 4800, LoadKind::Pump, 'Well pump')], 5000, 6000);
    $scenario = new Scenario(hours: 12);
    expect(acted($job, $scenario)->result->overloads())->toBeGreaterThan(0)
        ->and(acted($job, $scenario, softStarted: 'c5')->result->overloads())->toBe(0)
        ->and(acted($job, $scenario, softStarted: 'c5')->result->peakAmps[0])->toEqualWithDelta(4000 / 240, 1e-9)
        ->and(acted($pump, $scenario)->result->overloads())->toBe(0)
        ->and(acted($pump, $scenario, idles: true)->result->overloads())->toBeGreaterThan(0);
});

it('tells what a machine does not feed and what nobody knows, before it says that nothing was too much', function () {
    $small = new Supply(Houses::machine(3000, 4000, 120, Outlet::Travel30), Fuel::Gasoline);
    $job = house([steady('1', 600), Houses::circuit('5', 2, Role::Must, 1500, 5200, LoadKind::Pump, 'Well pump'),
        Houses::circuit('9', 1, Role::Must, null, null, LoadKind::Other, 'Mystery'),
        Houses::circuit('2', 1, Role::Must, 180, null, LoadKind::Refrigeration, 'Fridge')]);
    $acted = acted($job, new Scenario(hours: 3), supply: $small);
    expect($acted->tone())->toBe('danger')
        ->and($acted->headline())->toContain('does not feed 5–7 Well pump: that stays dead', 'Mystery', 'Fridge')
        ->and(acted(house([steady('1', 600), Houses::circuit('9', 1, Role::Must, null, null, LoadKind::Other, 'Mystery')]),
            new Scenario(hours: 4))->tone())->toBe('advice')
        ->and(acted(house([steady('1', 600)]), new Scenario(hours: 1))->headline())->toContain('without power for 19 min of 1 h');
});

it('offers what could be put beside it, and finds it again by its key', function () {
    $design = new Design(cycling());
    $all = Alternatives::of($design, new Trial($design->supply()), [Houses::supply(9000, 12_000)]);
    expect(array_map(fn ($each): string => $each->key, $all))->toContain(
        'soft c5', 'room', 'order panel', 'order at once', 'without c2',
    )->and($all[0]->key)->toBe('soft c5')
        ->and(Alternatives::named($all, 'room')?->trial->withRoom)->toBeTrue()
        ->and(Alternatives::named($all, 'soft c8'))->toBeNull()
        ->and(array_filter($all, fn ($each): bool => $each->change === Change::Without && $each->of === 'c8'))->toBe([]);
});

it('calls no change whole for which something has to stay off', function () {
    $trial = new Trial(Houses::supply());
    $remedy = fn (Change $change, array $without): bool => Remedy::of(
        new Alternative($change, '', 'x', $trial->with(without: $without)), 40, 0,
    )->keepsAll;
    expect($remedy(Change::SoftStarter, []))->toBeTrue()
        ->and($remedy(Change::Turns, []))->toBeTrue()
        ->and($remedy(Change::Turns, ['c5']))->toBeFalse()
        ->and($remedy(Change::Without, ['c5']))->toBeFalse();
});

it('tells nobody to do without alarms or what keeps somebody alive', function () {
    $job = house([
        Houses::circuit('1', 1, Role::Must, 20, 20, LoadKind::Electronics, 'Smoke alarms'),
        Houses::circuit('5', 1, Role::Must, 300, 400, LoadKind::Medical, 'Oxygen'), steady('3', 600),
    ]);
    $without = array_filter(
        Alternatives::of(new Design($job), new Trial($job->generator->machine === null ? Houses::supply() : new Supply(
            $job->generator->machine, Fuel::Gasoline,
        )), []), fn ($each): bool => $each->change === Change::Without,
    );
    expect(array_values(array_map(fn ($each): string => $each->of, $without)))->toBe(['c3']);
});

it('lets a thermostat run as it was said over a day, and longer in a cold night', function () {
    $weather = new Weather(Season::Winter, new Site(coldestF: -10, hottestF: 90), 0, new Dice(1));
    $share = function (float $fromH, float $toH) use ($weather): float {
        $furnace = new Thermostat(600, 900, RunsBy::Heat, $weather, new Dice(3));
        $on = $off = 0.0;
        for ($at = $fromH * 3600; $at < $toH * 3600;) {
            $on += $s = $furnace->onS($at);
            $at += $s;
            $off += $s = $furnace->offS($at);
            $at += $s;
        }

        return $on / ($on + $off);
    };
    expect($share(0, 240))->toEqualWithDelta(0.4, 0.02)->and($share(3, 6))->toBeGreaterThan($share(14, 17) + 0.03);
});

it('has nobody use or light anything who is away or asleep', function (int $seed) {
    $weather = new Weather(Season::Winter, new Site, 18, new Dice($seed));
    foreach ([new UsedByPeople(1200, 3000, Home::AwayByDay, $weather, new Dice($seed)),
        new Lamps(Season::Winter, Home::AwayByDay, $weather, new Dice($seed))] as $pattern) {
        $at = $pattern->backS(0.0, 0.0);
        for ($turn = 0; $turn < 40; $turn++) {
            expect(Home::AwayByDay->isAwake($weather->clockH($at)))->toBeTrue('on at '.$weather->clockH($at));
            $at += $pattern->onS($at);
            $at += $pattern->offS($at);
        }
    }
})->with([1, 2, 3]);

it('uses a load in its part of the day alone', function () {
    $weather = new Weather(Season::Summer, new Site, 0, new Dice(1));
    $load = new Load('l', 'Milking', LoadKind::Pump, 900, 900, duty: Duty::Cycling, onS: 600, offS: 600, partOfDay: PartOfDay::Morning);
    $pattern = (new Patterns(Season::Summer, Home::Always, $weather, 1))->of($load);
    $at = $pattern->backS(0.0, 0.0);
    for ($turn = 0; $turn < 30; $turn++) {
        expect($weather->clockH($at))->toBeGreaterThanOrEqual(4.99)->toBeLessThan(10.0);
        $at += $on = $pattern->onS($at);
        expect($weather->clockH($at - 1))->toBeLessThan(10.0)->and($on)->toBeGreaterThan(0.0);
        $at += $pattern->offS($at);
    }
});

it('knows how a load of every kind usually runs', function () {
    foreach (LoadKind::cases() as $kind) {
        $usual = UsualRunning::of($kind->value);
        expect($usual->onS)->toBeGreaterThan(0.0)
            ->and($usual->by === RunsBy::Itself)->toBe($usual->offS === 0.0)
            ->and($usual->startS > 0)->toBe($kind->isMotor() || $kind === LoadKind::Medical || $kind === LoadKind::Outlets);
    }
});

it('shows a span without losing a peak, and the changes themselves when it is close', function () {
    $acted = acted(cycling(), new Scenario(hours: 72));
    $seen = $acted->trace->seen(0, 72 * 3600, 50);
    $peak = $acted->result->peakAtS[0];
    $close = $acted->trace->seen($peak - 1, $peak + 2, 50);
    expect(max($seen['a']))->toEqualWithDelta($acted->result->peakAmps[0], 1e-9)
        ->and($seen['at'])->toHaveCount(50)
        ->and(max($close['a']))->toEqualWithDelta($acted->result->peakAmps[0], 1e-9)
        ->and($close['at'])->toContain($peak)
        ->and(array_map(strlen(...), $acted->trace->bars(0, 72 * 3600, 50)))->toBe([50, 50, 50])
        ->and($acted->trace->bars(0, 600, 5))->toBe(['00000', '00000', '00000']);
});

it('keeps many outages in as little as one, and its percentile right to a class', function () {
    $scenario = new Scenario(hours: 12);
    $job = cycling(5000, 6200);
    $house = acted($job)->house;
    $tally = Tally::empty(2.0 * 12);
    $burned = $overloaded = [];
    for ($number = 0; $number < 60; $number++) {
        $variation = Variations::of($scenario, $number);
        $result = acted($job, $variation)->result;
        $burned[] = $result->burned;
        $overloaded[] = $result->overloads() > 0;
        $tally->add($variation, $result, array_map(fn ($circuit): string => $circuit->id, $house->circuits));
        // A worker that was killed takes it up from what was written.
        $tally = Tally::fromArray(json_decode((string) json_encode($tally->toArray()), true));
    }
    sort($burned);
    expect($tally->done())->toBe(60)
        ->and($tally->overloaded())->toBe(count(array_filter($overloaded)))
        ->and($tally->burnedAtMost(90))->toEqualWithDelta($burned[53], 24 / 400)
        ->and($tally->burnedAtMost(90))->toBeGreaterThanOrEqual($burned[53] - 1e-9)
        ->and(array_sum($tally->byHour()))->toBe($tally->overloads())
        ->and(array_sum($tally->causes()))->toBe($tally->overloads())
        ->and(count($tally->seeds()))->toBe(min(40, $tally->overloaded()));
});

it('costs by the number of changes', function () {
    $changes = fn (float $hours): int => acted(cycling(), new Scenario(hours: $hours, fetches: true))->trace->changes();
    $still = fn (float $hours): int => acted(house([steady('1', 300)], kept: 500), new Scenario(hours: $hours))->trace->changes();
    expect($changes(240) / $changes(24))->toBeGreaterThan(7.0)->toBeLessThan(13.0)->and($still(20))->toBeLessThan(12);
});

it('says that there is too much to keep before there is no room for it', function () {
    $trace = new Trace(0, 100);
    for ($hour = 0; $hour < 100; $hour++) {
        $trace->legs(3600.0 * $hour, 1.0, 1.0, 0.0);
    }
    expect(fn () => $trace->legs(360_000.0, 1.0, 1.0, 0.0))
        ->toThrow(Refused::class, 'Lasts: that makes more than 100 changes, after 100 h already');
});

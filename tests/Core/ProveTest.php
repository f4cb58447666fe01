<?php

declare(strict_types=1);

namespace Tests\Core\ProveTest;

use Tests\Support\Houses;
use Tests\Support\SixHouses;
use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Condition;
use Underpin\Checklist\Probe;
use Underpin\Checklist\Quantity;
use Underpin\Checklist\StepState;
use Underpin\Codebook\Acceptance;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Job\Basis;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\LoadBasis;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Work\MeasuredLegs;
use Underpin\Job\Work\OwnRange;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Legs\LegCurrents;
use Underpin\Loads\Comparison;
use Underpin\Loads\Plan;
use Underpin\Network\SplitPhaseNetwork;
use Underpin\Prove\MeasuredCircuit;
use Underpin\Prove\ProveList;
use Underpin\Refused;
use Underpin\StandIn\Fault;
use Underpin\StandIn\Plant;

/** @return array<string, ChecklistStep> by key */
function proven(Job $job): array
{
    return array_column(array_map(fn (ChecklistStep $s): array => [$s->key, $s], ProveList::of(new Design($job))), 1, 0);
}

/** A small house with a gas standby behind an automatic switch. */
function standby(Fuel $fuel = Fuel::NaturalGas): Job
{
    $machine = new Machine(
        's', 'Standby s', MachineKind::Standby, 240, Outlet::Terminals, 60, GeneratorNeutral::Floating, false, [new Rating($fuel, 14000,
            16000)],
    );

    return Houses::small(null, 'automatic_service')->with(new Generator($machine, $fuel, 20.0));
}

/** @return array<string, float> the readings of the plant that lie beyond their range, by step */
function beyond(Job $job, Fault ...$faults): array
{
    $plant = Plant::of(new Design($job), array_values($faults));
    $out = [];
    foreach (proven($job) as $key => $step) {
        $value = $step->reading?->probe === null ? null : $plant?->read($step->reading->probe);
        if ($value !== null && $step->reading?->range?->holds($value) === false) {
            $out[$key] = $value;
        }
    }

    return $out;
}

it('takes the volts and hertz of practice without load, by what makes them', function () {
    $portable = proven(Houses::small(Houses::supply(), 'interlock'));
    $inverter = proven(Houses::small(Houses::supply(form: MachineKind::Inverter), 'interlock'));
    $range = fn (ChecklistStep $s): array => [$s->reading->range->low, $s->reading->range->high];
    expect($range($portable['no-load.between-legs']))->toBe([228.0, 252.0])->and($range($portable['no-load.leg-a']))->toBe([114.0, 126.0])
        ->and($range($portable['no-load.hertz']))->toBe([59.5, 62.5])->and($range($inverter['no-load.hertz']))->toBe([59.5, 60.5])
        ->and($range($portable['neutral-ground']))->toBe([null, 3.0])->and($range($portable['dip'])[0])->toEqualWithDelta(168.0, 1e-9);
});

it('asks of a machine only what it has: legs, gas, a starter, a transfer by itself', function () {
    $one = proven(Houses::small(Houses::supply(3000, 3500, 120, Outlet::Locking30At120, 30), 'single_circuit'));
    expect($one)->not->toHaveKey('no-load.between-legs')->not->toHaveKey('no-load.leg-b')->toHaveKey('no-load.leg-a');
    $standby = proven(standby());
    expect($standby)->toHaveKeys(['battery-float', 'battery-cranking', 'gas-standing', 'gas-running', 'gas-full', 'transfer:switch',
        'back.return', 'exercise'])
        ->and($standby['gas-full']->reading->range->low)->toBe(3.5)
        ->and(proven(standby(Fuel::Propane))['gas-full']->reading->range->low)->toBe(11.0);
    $battery = proven(Houses::small(null, 'interlock')->with(new Generator(new Machine(
        'b', 'Battery b', MachineKind::Battery, 240, Outlet::Locking30, 30, GeneratorNeutral::Floating, false, [new Rating(Fuel::Stored,
            7000, 9000)],
    ), Fuel::Stored, 20.0)));
    expect($battery)->not->toHaveKey('warm')->not->toHaveKey('outdoors')->not->toHaveKey('battery-float')->toHaveKeys(['charge',
        'back.charging']);
    $cords = proven(Houses::small(Houses::supply(), 'cords'));
    expect($cords)->not->toHaveKey('transfer.empty')->not->toHaveKey('neutral-ground')->toHaveKeys(['no-load.leg-a', 'owner']);
    expect(array_filter(array_keys(proven(standby())), fn (string $k): bool => $k === 'back.by-hand'))->toBe([]);
});

it('measures without load where this way has its terminals: a plate at its breaker, a switch at the switch', function () {
    $text = fn (string $way): string => proven(Houses::small(Houses::supply(), $way))['no-load.leg-a']->text;
    expect($text('interlock'))->toContain('generator breaker, which is off')
        ->and($text('manual_switch'))->toContain('terminals of the transfer switch')->not->toContain('generator breaker');
});

it('takes the gas at rest, running and at full load, each under the heading of its moment', function () {
    foreach ([Fuel::NaturalGas, Fuel::Propane] as $fuel) {
        $headings = array_column(ProveList::of(new Design(standby($fuel))), 'group', 'key');
        expect($headings['gas-standing'])->toBe('Before the first start')
            ->and($headings['gas-running'])->toBe('Running with nothing on')
            ->and($headings['gas-full'])->toBe('Under load');
    }
});

it('loads in the order of the card, the largest motor last, and looks for an open neutral with a lamp first', function () {
    $keys = array_keys(proven(Houses::small(Houses::supply(), 'interlock')));
    $on = array_values(array_filter($keys, fn (string $k): bool => str_starts_with($k, 'on:')));
    $at = fn (string $key): int => (int) array_search($key, $keys, true);
    expect(end($on))->toBe('on:c5')->and($on)->toHaveCount(3)->and($at('lamp.leg-b'))->toBeLessThan($at($on[0]))
        ->and($at('on:c5'))->toBeLessThan($at('dip'))->and($at('transfer.leg-a'))->toBeLessThan($at('lamp.leg-a'));
});

it('tries the largest start in its turn where the machine would stall if it came last', function () {
    // The pump takes 20 A a leg to start and the machine gives 21.2: with the rest running it is too much, first of all it is not.
    $job = Houses::small(Houses::supply(4000, 5100, 240, Outlet::Locking30, 30), 'interlock');
    $design = new Design($job);
    expect($design->fit()?->restartIsOver())->toBeTrue();
    $keys = array_keys(proven($job));
    $order = array_map(fn (Circuit $c): string => "on:$c->id", $design->startOrder());
    expect(array_values(array_filter($keys, fn (string $k): bool => str_starts_with($k, 'on:'))))->toBe($order)
        ->and($keys[(int) array_search('dip', $keys, true) - 1])->toBe('on:c5')
        ->and(proven($job)['dip']->text)->toContain('starts in its turn')->not->toContain('all others on')
        ->and(proven(Houses::small(Houses::supply(), 'interlock'))['dip']->text)->toContain('starts last, all others on');
});

it('turns the feeder of a sub-panel on before what hangs behind it, where breakers are thrown', function () {
    $barn = SixHouses::all()['a barn on three wires'];
    $keys = array_keys(proven($barn));
    $at = fn (string $key): int => (int) array_search($key, $keys, true);
    expect($keys)->toContain('feeder:h9')->not->toContain('on:h9')
        ->and($at('feeder:h9'))->toBeLessThan(min($at('on:b1'), $at('on:b2')))
        ->and(count(array_keys($keys, 'feeder:h9', true)))->toBe(1);
    $moved = $barn->with($barn->connection->with(way: 'transfer_subpanel'));
    expect(array_keys(proven($moved)))->not->toContain('feeder:h9');
});

it('lets the label come first, then the shop, then practice', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $with = fn (OwnRange $own): ChecklistStep => proven($job->with(new Work(ranges: [$own])))['no-load.hertz'];
    expect($with(new OwnRange(Acceptance::HertzGoverned->value, 58.0, 62.0))->reading->range->from)->toBe('the label')
        ->and($with(new OwnRange(Acceptance::HertzGoverned->value, 59.0, null, true))->reading->range->from)->toBe('the shop')
        ->and($with(new OwnRange(Acceptance::HertzGoverned->value, 59.0, null, true))->reading->range->high)->toBeNull()
        ->and(proven($job)['no-load.hertz']->reading->range->from)->toBe('practice')
        ->and(fn () => new OwnRange('hertz-governed', 62.0, 58.0))->toThrow(Refused::class, 'To')
        ->and(fn () => new OwnRange('hertz-governed', null, null))->toThrow(Refused::class, 'From');
    $dip = proven($job->with(new Work(ranges: [new OwnRange(Acceptance::DipPct->value, null, 20.0)])))['dip'];
    expect($dip->reading->range->low)->toEqualWithDelta(192.0, 1e-9);
});

it('sends what was read at a breaker back to the loads with its day, and keeps a start that is known', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $step = proven($job)['on:c5'];
    $record = new StepRecord('on:c5', 'NV', '2026-11-27 14:05', $step->text, 6.2);
    $circuit = MeasuredCircuit::noted($job, $step, $record)->panel()?->circuit('c5');
    expect($circuit?->measured?->runAmps)->toBe(6.2)->and($circuit->measured->on)->toBe('2026-11-27')
        ->and($circuit->measured->startAmps)->toEqualWithDelta(20.0, 1e-9)
        ->and(MeasuredCircuit::noted($job, proven($job)['oil'], new StepRecord('oil', 'NV', '2026-11-27 14:05')))->toBe($job);
});

it('asks no step again for what the list itself has read: the plan may move, the words stay', function () {
    $said = fn (Job $job): array => array_column([...InstallList::of(new Design($job)), ...ProveList::of(new Design($job))], 'text', 'key');
    $moved = [];
    foreach ([Houses::small(Houses::supply(), 'interlock'), standby(), ...SixHouses::all()] as $house) {
        $job = $house->with(new Basis(LoadBasis::Measure));
        $before = $said($job);
        $read = $job;
        foreach (ProveList::of(new Design($job)) as $step) {
            $circuit = $step->measures === null ? null : $job->panelWith($step->measures)?->circuit($step->measures);
            $amps = $circuit === null ? null : 0.9 * $circuit->runAmps();
            $read = MeasuredCircuit::noted($read, $step, new StepRecord($step->key, 'NV', '2026-11-27 14:05', $step->text, $amps));
        }
        $after = $said($read);
        ksort($before);
        ksort($after);
        expect($after)->toBe($before);
        $moved[] = array_column(ProveList::of(new Design($read)), 'why') !== array_column(ProveList::of(new Design($job)), 'why');
    }
    expect($moved)->toContain(true);
});

it('sets the legs that were read on the generator beside the list, and says which carried more', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $listed = LegCurrents::of(Plan::drawsOf(array_filter($job->circuits(), fn (Circuit $c): bool => $c->role === Role::Must)));
    $read = fn (float $a, float $b): Comparison => Comparison::of($job->with(new Work([
        new StepRecord(MeasuredLegs::LEG_A, 'NV', '2026-11-27 14:05', '', $a), new StepRecord(MeasuredLegs::LEG_B, 'NV',
            '2026-11-28 09:00', '', $b),
    ])), null);
    $what = 'Must run, both legs on the generator';
    $rows = array_column($read(31.0, 12.5)->rows, null, 'what');
    expect($rows[$what]->aAmps)->toBe(31.0)->and($rows[$what]->bAmps)->toBe(12.5)->and($rows[$what]->note)->toContain('2026-11-28')
        ->and(array_column(Comparison::of($job, null)->rows, 'what'))->not->toContain($what)
        ->and(implode(' ', $read($listed->aAmps * 1.5, $listed->bAmps)->differences))->toContain('On the generator leg A carried',
            'nobody listed')
        ->not->toContain('leg B carried')
        ->and(implode(' ', $read($listed->aAmps, 0.0)->differences))->toContain('leg B carried', 'rested');
    $keys = array_column(ProveList::of(new Design($job)), 'key');
    expect($keys)->toContain(MeasuredLegs::LEG_A, MeasuredLegs::LEG_B);
});

it('solves a split-phase network as Kirchhoff asks, by hand and by its residuals', function () {
    // 120 V, a stiff source, 10 ohms on A and 20 on B, the neutral open: 240 V over 30 ohms.
    $open = new SplitPhaseNetwork(120.0, 1e-6, 1e-6, SplitPhaseNetwork::OPEN_OHM, 0.1, 0.05, 0.0);
    [$a, $b, $n] = $open->volts();
    expect($a - $n)->toEqualWithDelta(80.0, 0.01)->and($n - $b)->toEqualWithDelta(160.0, 0.01)->and($a - $b)->toEqualWithDelta(240.0, 0.01);
    $whole = new SplitPhaseNetwork(120.0, 0.1, 0.1, 0.05, 0.1, 0.0, 0.0);
    [$a, , $n] = $whole->volts();
    // 120 V over 0.1 + 10 + 0.05 ohms.
    expect($a - $n)->toEqualWithDelta(120.0 * 10 / 10.15, 0.001)->and($whole->amps()[0])->toEqualWithDelta(120.0 / 10.15, 0.001);
    mt_srand(7);
    foreach (range(1, 200) as $i) {
        $r = fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
        [$aOhm, $bOhm, $nOhm, $aS, $bS, $abS] = [$r(0.01, 2), $r(0.01, 2), $i % 3 === 0 ? 1e7 : $r(0.01, 2), $r(0, 0.5), $r(0, 0.5), $r(0,
            0.3)];
        [$a, $b, $n] = (new SplitPhaseNetwork(120.0, $aOhm, $bOhm, $nOhm, $aS, $bS, $abS))->volts();
        expect((120 - $a) / $aOhm - $aS * ($a - $n) - $abS * ($a - $b))->toEqualWithDelta(0.0, 1e-3)
            ->and((-120 - $b) / $bOhm - $bS * ($b - $n) - $abS * ($b - $a))->toEqualWithDelta(0.0, 1e-3)
            ->and($aS * ($a - $n) + $bS * ($b - $n) - $n / $nOhm)->toEqualWithDelta(0.0, 1e-3);
    }
});

it('reads a good plant within every range, portable and standby', function () {
    expect(beyond(Houses::small(Houses::supply(), 'interlock')))->toBe([])->and(beyond(standby()))->toBe([])
        ->and(beyond(standby(Fuel::Propane)))->toBe([])->and(beyond(SixHouses::all()['a crowded panel']))->toBe([]);
});

it('shows each fault where it shows on a real machine, and nowhere else first', function () {
    $portable = Houses::small(Houses::supply(), 'interlock');
    expect(array_keys(beyond($portable,
        Fault::FloatingNeutral)))->toContain('lamp.leg-a')->not->toContain('no-load.leg-a')->not->toContain('no-load.between-legs')
        ->and(array_keys(beyond($portable, Fault::SwappedNeutral)))->toContain('no-load.between-legs')->toContain('no-load.leg-b')
        ->and(array_keys(beyond($portable, Fault::OneLegDead)))->toContain('no-load.leg-b')->not->toContain('no-load.leg-a')
        ->and(array_keys(beyond($portable, Fault::WrongHertz)))->toBe(['no-load.hertz'])
        ->and(array_keys(beyond(standby(), Fault::WeakBattery)))->toBe(['battery-float', 'battery-cranking'])
        ->and(array_keys(beyond(standby(), Fault::SlowTransfer)))->toBe(['transfer:switch'])
        ->and(array_keys(beyond(standby(), Fault::LowGas)))->toContain('gas-full')->toContain('recovery')->not->toContain('gas-standing');
    foreach (Fault::cases() as $fault) {
        expect([...beyond($portable, $fault), ...beyond(standby(), $fault)])->not->toBe([], $fault->value);
    }
});

it('lets the legs drift with the load while leg to leg holds, when the neutral is open', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $plant = Plant::of(new Design($job), [Fault::FloatingNeutral]);
    $read = fn (Quantity $q, Condition $c): float => (float) $plant?->read(new Probe($q, $c));
    foreach ([Condition::NoLoad, Condition::Lamp, Condition::Loaded] as $condition) {
        expect($read(Quantity::BetweenLegs, $condition))->toBeGreaterThan(228.0)
            ->and($read(Quantity::LegA, $condition) + $read(Quantity::LegB, $condition))->toEqualWithDelta($read(Quantity::BetweenLegs,
                $condition), 0.01);
    }
    expect($read(Quantity::LegA, Condition::NoLoad))->toEqualWithDelta(122.0, 0.1)->and($read(Quantity::LegA,
        Condition::Lamp))->toBeLessThan(5.0)
        ->and($read(Quantity::LegB, Condition::Lamp))->toBeGreaterThan(235.0);
});

it('lets the rest of the list wait when a reading lies beyond its range', function () {
    $steps = array_values(proven(Houses::small(Houses::supply(), 'interlock')));
    $work = new Work;
    foreach ($steps as $step) {
        if ($step->key === 'no-load.leg-b') {
            break;
        }
        $work = $work->noting(new StepRecord($step->key, 'NV', '2026-11-27 10:00', $step->text, $step->reading === null ? null
            : $step->reading->range->low));
    }
    $list = new Checklist($steps, $work->noting(new StepRecord('no-load.leg-b', 'NV', '2026-11-27 10:01', 'Leg B', 151.0)));
    expect($list->standing(StepState::Out))->toHaveCount(1)->and($list->waitsFor(end($steps))?->key)->toBe('no-load.leg-b')
        ->and(fn () => $list->guard(end($steps)))->toThrow(Refused::class, 'out of range');
});

<?php

declare(strict_types=1);

namespace Tests\Core\RefusalsTest;

use Closure;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Duty;
use Underpin\Job\Fuel;
use Underpin\Job\Load;
use Underpin\Job\LocalRules;
use Underpin\Job\Measured;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\Site;
use Underpin\Job\SpaceList;
use Underpin\Job\WireRun;
use Underpin\Legs\Draw;
use Underpin\Legs\Leg;
use Underpin\Loads\MotorStart;
use Underpin\Loads\Nameplate;
use Underpin\Loads\Starter;
use Underpin\Loads\StartOrder;
use Underpin\Refused;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Candidate;
use Underpin\Sizing\Supply;
use Underpin\Wiring\VoltageDrop;

function dropOver(float $lengthFt = 100, float $amps = 20, float $volts = 240, int $sets = 1): VoltageDrop
{
    return VoltageDrop::along(Material::Copper, ConductorSize::Awg10, $lengthFt, $amps, $volts, $sets);
}

/*
 * Values refuse what they are not made for, name the field, and take what stands exactly at
 * their limits.
 */

it('takes what is at its limits and refuses, by its field, what is past them', function (
    string $field, Closure $make, array $good, array $bad,
) {
    foreach ($good as $value) {
        expect($make($value))->toBeObject();
    }
    foreach ($bad as $value) {
        try {
            $make($value);
            $refused = null;
        } catch (Refused $refusal) {
            $refused = $refusal;
        }
        expect($refused?->field)->toBe($field)->and($refused?->getMessage())->toMatch('/^\S.*\.$/');
    }
})->with([
    'breaker' => ['amps', fn ($a) => Changed::of(Houses::circuit('1', 1, Role::Off), breakerAmps: $a), [5, 600], [4, 601, 0, -15]],
    'space' => ['space', fn ($s) => new Position($s), [1, Position::HIGHEST_SPACE], [0, -1, Position::HIGHEST_SPACE + 1]],
    'poles' => ['poles', fn ($p) => new Position(1, $p), [1, 2], [0, 3]],
    'spaces of a panel' => [
        'spaces', fn ($s) => new Panel('p', 'P', $s), [2, 42, Position::HIGHEST_SPACE], [0, 1, 41, Position::HIGHEST_SPACE + 2],
    ],
    'main' => ['main_a', fn ($a) => new Panel('p', 'P', 20, mainAmps: $a), [null, 15, 1200], [14, 1201]],
    'feeder' => ['feeder_a', fn ($a) => new Panel('p', 'P', 20, feederAmps: $a), [null, 15, 1200], [14, 1201]],
    'space of the interlock' => ['interlock_space', fn ($s) => new Panel('p', 'P', 20, interlockSpace: $s), [1, 2], [0, 3]],
    'disconnect' => ['amps', fn ($a) => new Disconnect('d', 'D', $a), [15, 1200], [14, 1201]],
    'name of a disconnect' => ['name', fn ($n) => new Disconnect('d', $n, 200), ['D'], ['']],
    'disconnects' => [
        'disconnects',
        fn ($n) => new Service(DisconnectPlace::Cabinet, array_map(fn (int $i) => new Disconnect("d$i", "D $i", 100), range(1, $n))),
        [1, 6], [7],
    ],
    'place with disconnects' => [
        'place', fn ($p) => new Service($p, [new Disconnect('d', 'D', 200)]), [null, DisconnectPlace::Meter, DisconnectPlace::Cabinet],
        [DisconnectPlace::Panel],
    ],
    'place with two disconnects' => [
        'place', fn ($p) => new Service($p, [new Disconnect('d', 'D', 200), new Disconnect('e', 'E', 200)]), [DisconnectPlace::Cabinet],
        [DisconnectPlace::Meter, DisconnectPlace::Panel],
    ],
    'spaces for tandems' => [
        'tandem_spaces', SpaceList::parse(...), ['none', '1', '17-24, 30', (string) Position::HIGHEST_SPACE, '5-5'],
        ['0', '24-17', 'all', '1-2-3', (string) (Position::HIGHEST_SPACE + 1), '17-'],
    ],
    'coldest day' => ['coldest_f', fn ($f) => new Site(hottestF: 90, coldestF: $f), [null, 90, -40], [90.1]],

    'name of a job' => ['name', fn ($n) => Houses::job($n), ['x'], ['']],
    'service' => ['service_a', fn ($a) => Houses::job('x', serviceAmps: $a), [null, 30, 600], [29, 601]],
    'margin' => ['margin_pct', fn ($p) => Houses::job('x', marginPct: $p), [0, 20, 90], [-0.1, 90.1]],
    'distance of a portable' => ['portable_ft', fn ($f) => new LocalRules(portableFt: $f), [20, 200], [19.9, 0, 200.1]],
    'day of a rule' => [
        'dated', fn ($d) => new LocalRules(dated: $d), ['', '2026-03-31', '2026-12-01'],
        ['2026-13-01', '2026-00-10', '2026-03-32', '31.03.2026', '2026-03-31 '],
    ],

    'watts of a load' => ['run_w', fn ($w) => new Load('l', 'L', runW: $w), [null, 0, Load::MOST_W], [-1, Load::MOST_W + 1]],
    'starting watts' => [
        'start_w', fn ($w) => new Load('l', 'L', runW: 100, startW: $w), [null, 100, 100 - 1e-10, Load::MOST_W],
        [99.9, -1, Load::MOST_W + 1],
    ],
    'power factor' => ['pf', fn ($p) => new Load('l', 'L', pf: $p), [0.01, 1], [0, -0.5, 1.01]],
    'name of a load' => ['name', fn ($n) => new Load('l', $n), ['L'], ['']],
    'on time' => ['on_s', fn ($s) => new Load('l', 'L', duty: Duty::Cycling, onS: $s), [null, 0.5, 86_400], [0, -1, 86_401]],
    'off time' => ['off_s', fn ($s) => new Load('l', 'L', duty: Duty::Cycling, offS: $s), [null, 0.5, 86_400], [0, 86_401]],
    'on time of what does not cycle' => [
        'on_s', fn ($d) => new Load('l', 'L', duty: $d, onS: 60), [Duty::Cycling], [null, Duty::Continuous, Duty::ByHand],
    ],
    'watts of a draw' => ['watts', fn ($w) => new Draw('d', Leg::A, $w), [0, 1], [-0.1]],
    'power factor of a draw' => ['pf', fn ($p) => new Draw('d', Leg::A, 1, $p), [0.01, 1], [0, 1.01]],
    'volts of a draw' => ['volts', fn ($v) => new Draw('d', Leg::A, 1, 1, $v), [null, 1, 240], [0, -120]],
    'measured amperes' => [
        'run_a', fn ($a) => new Measured(Leg::A, $a, Measured::MOST_A), [0, Measured::MOST_A], [-0.1, Measured::MOST_A + 1],
    ],
    'measured start' => ['start_a', fn ($a) => new Measured(Leg::A, 5, $a), [5, Measured::MOST_A], [4.9, Measured::MOST_A + 1]],
    'day of a measurement' => ['on', fn ($d) => new Measured(Leg::A, 5, 5, $d), ['', '2026-01-31'], ['yesterday', '2026-1-31']],
    'locked-rotor amperes' => ['lra_a', fn ($a) => MotorStart::fromLockedRotor($a, 240), [0, 50], [-1]],
    'horsepower' => ['hp', fn ($h) => MotorStart::fromCodeLetter($h, 'G', 240), [0, 5], [-1]],
    'volts of a motor' => ['volts', fn ($v) => MotorStart::fromLockedRotor(50, $v), [120], [0, -1]],
    'soft starter' => ['soft_start_pct', fn ($p) => MotorStart::fromLockedRotor(50, 240, $p), [0, 40, 100], [-1, 100.1]],
    'rated amperes on a plate' => ['rla', fn ($a) => Nameplate::fromAmps($a, Leg::A, 1.0), [0, 10], [-1]],
    'locked-rotor amperes on a plate' => ['lra', fn ($a) => Nameplate::fromAmps(10, Leg::A, 1.0, $a), [null, 10, 10 - 1e-10, 60], [9.9]],

    'rating' => ['run_w', fn ($w) => new Rating(Fuel::Propane, $w, 500_000), [1, 500_000], [0, -1, 500_001]],
    'advertised peak' => ['peak_w', fn ($w) => new Rating(Fuel::Propane, 1000, $w), [1000, 1000 - 1e-10], [999]],
    'volts of a machine' => [
        'volts', fn ($v) => Changed::of(Houses::machine(outlet: Outlet::Terminals), volts: $v), [120, 240], [0, 208, 480],
    ],
    'outlet amperes' => [
        'outlet_a', fn ($a) => Changed::of(Houses::machine(outlet: Outlet::Terminals), outletAmps: $a), [15, 600], [14, 601],
    ],
    'amperes of an outlet that has its own' => ['outlet_a', fn ($a) => Changed::of(Houses::machine(), outletAmps: $a), [30], [20, 50]],
    'volts of an outlet that has its own' => [
        'outlet', fn ($o) => Changed::of(Houses::machine(), outlet: $o), [Outlet::Locking30, Outlet::Terminals],
        [Outlet::Travel30, Outlet::Locking30At120],
    ],
    'ratings' => ['ratings', fn ($r) => Changed::of(Houses::machine(), ratings: $r), [[new Rating(Fuel::Propane, 1, 1)]], [[]]],
    'price' => ['price_usd', fn ($p) => Changed::of(Houses::machine(), priceUsd: $p), [0, 1], [-1]],
    'fuel' => ['fuel', fn ($f) => new Supply(Houses::machine(), $f), [Fuel::Gasoline], [Fuel::Propane]],
    'running amperes of a starter' => ['run_amps', fn ($a) => new Starter('s', Leg::A, $a, 10), [0, 10], [-1]],
    'starting amperes of a starter' => ['start_amps', fn ($a) => new Starter('s', Leg::A, 10, $a), [10, 10 - 1e-10, 60], [9.9]],
    'loads to order' => [
        'loads', fn ($n) => StartOrder::best(array_map(fn (int $i) => new Starter("s$i", Leg::A, 1, 2), range(1, $n))),
        [1, StartOrder::MOST], [StartOrder::MOST + 1],
    ],
    'amperes on A already' => ['already_a_amps', fn ($a) => StartOrder::best([], $a), [0, 5], [-1]],
    'amperes on B already' => ['already_b_amps', fn ($a) => StartOrder::best([], 0, $a), [0, 5], [-1]],
    'amperes of a contender' => ['amps', fn ($a) => new Candidate('c', Leg::A, $a, 1), [0, 1], [-1]],
    'worth of a contender' => ['worth', fn ($w) => new Candidate('c', Leg::A, 1, $w), [0, 1], [-1]],
    'contenders' => [
        'loads', fn ($n) => BestSet::choose(0, 0, array_map(fn (int $i) => new Candidate("c$i", Leg::A, 1, 1), range(1, $n))),
        [1, BestSet::MOST], [BestSet::MOST + 1],
    ],
    'limit on A' => ['limit_a_amps', fn ($a) => BestSet::choose($a, 1, []), [0, 1], [-1]],
    'limit on B' => ['limit_b_amps', fn ($a) => BestSet::choose(1, $a, []), [0, 1], [-1]],

    'cord' => ['cord_ft', fn ($f) => new WireRun(cordFt: $f), [null, 0, WireRun::LONGEST_FT], [-1, WireRun::LONGEST_FT + 1]],
    'run' => ['run_ft', fn ($f) => new WireRun(runFt: $f), [null, 0, WireRun::LONGEST_FT], [-1, WireRun::LONGEST_FT + 1]],
    'inlet' => ['inlet_a', fn ($a) => new WireRun(inletAmps: $a), [null, 20, 30, 50], [15, 40, 60]],
    'terminals' => ['terminal_c', fn ($c) => new WireRun(terminalC: $c), [60, 75], [90, 0]],
    'ambient' => ['ambient_c', fn ($c) => new WireRun(ambientC: $c), [-60, 70], [-61, 71]],
    'length' => ['length_ft', fn ($f) => dropOver(lengthFt: $f), [0, 100], [-1]],
    'amperes of a run' => ['amps', fn ($a) => dropOver(amps: $a), [0, 30], [-1]],
    'volts of a run' => ['volts', fn ($v) => dropOver(volts: $v), [1, 240], [0, -1]],
    'sets' => ['sets', fn ($s) => dropOver(sets: $s), [1, 4], [0, -1]],
]);

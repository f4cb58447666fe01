<?php

declare(strict_types=1);

namespace Tests\Core\WirePlanTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Assembly\Assembly;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Line;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Design\Design;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Outlet;
use Underpin\Job\Site;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Sizing\Supply;

function plan(WireRun $run, ?Supply $supply = null, string $way = 'interlock'): Assembly
{
    return Houses::built(Houses::job('x', wire: $run), $supply ?? Houses::supply(), $way);
}

function part(Assembly $plan, string $part): ?Line
{
    return array_values(array_filter($plan->lines(), fn (Line $l): bool => $l->part === $part))[0] ?? null;
}

$wired = fn () => Houses::supply(12000, 15000, 240, Outlet::Terminals, 60);

it('gives the cord the size that its outlet asks for', function (Outlet $outlet, int $amps, int $volts, string $awg, float $ohms) {
    // NEC Chapter 9 Table 8, stranded copper, ohms per 1,000 ft; there and back over 100 ft.
    $plan = plan(new WireRun(100, 0), Houses::supply(2400, 2400, $volts, $outlet, $amps));
    expect(part($plan, 'Cord')?->pick)->toStartWith("$awg AWG, ")->toContain('100 ft')
        ->and($plan->conductor(ConductorKind::Cord)?->drop?->dropV)->toEqualWithDelta(2 * $ohms * $amps * 100 / 1000, 1e-9)
        ->and($plan->dropPct())->toEqualWithDelta(100 * $plan->conductor(ConductorKind::Cord)?->drop->dropV / $volts, 1e-9)
        ->and($plan->endV())->toEqualWithDelta($volts - $plan->conductor(ConductorKind::Cord)?->drop->dropV, 1e-9);
})->with([
    [Outlet::Straight20, 20, 120, '12', 1.98], [Outlet::Locking20, 20, 240, '12', 1.98], [Outlet::Travel30, 30, 120, '10', 1.24],
    [Outlet::Locking30, 30, 240, '10', 1.24], [Outlet::Straight50, 50, 240, '6', 0.491],
]);

it('adds up what cord and run lose, and leaves out what is not measured', function (
    ?float $cordFt, ?float $runFt, ?float $dropV, array $missing,
) {
    // 10 AWG copper both: 2 x 1.24 ohms x 30 A = 74.4 V per 1,000 ft.
    $plan = plan(new WireRun($cordFt, $runFt));
    expect($plan->missing)->toBe($missing);
    if ($dropV === null) {
        expect($plan->dropPct())->toBeNull()->and($plan->endV())->toBeNull()->and($plan->dropIsLong())->toBeFalse();
    } else {
        expect($plan->dropPct())->toEqualWithDelta(100 * $dropV / 240, 1e-9)->and($plan->endV())->toEqualWithDelta(240 - $dropV, 1e-9);
    }
})->with([
    'both' => [25, 50, 5.58, []], 'the cord' => [25, null, 1.86, ['the length of the run to the panel']],
    'the run' => [null, 50, 3.72, ['the cord\'s length']],
    'neither' => [null, null, null, ['the cord\'s length', 'the length of the run to the panel']],
]);

it('calls a drop long from just over 3 % on, and leaves no less than no volts', function () {
    // 7.2 V are 3 % of 240 V: 96.774 ft of 10 AWG at 30 A.
    expect(plan(new WireRun(7200 / 74.4, 0))->dropIsLong())->toBeFalse()->and(plan(new WireRun(7210 / 74.4, 0))->dropIsLong())->toBeTrue();
    $weak = Houses::supply(2400, 2400, 120, Outlet::Straight20, 20);
    expect(plan(new WireRun(2000, 2000), $weak)->endV())->toBe(0.0);
});

it('enlarges the run, and the ground with it, only as far as the cord leaves room', function (
    float $cordFt, float $runFt, ?ConductorSize $forDrop,
) {
    $plan = plan(new WireRun($cordFt, $runFt));
    expect($plan->conductor(ConductorKind::Run)?->choice?->size)->toBe(ConductorSize::Awg10)
        ->and($plan->conductor(ConductorKind::Run)?->choice?->forDrop)->toBe($forDrop);
    expect(part($plan, 'Equipment ground')?->why)->toContain($forDrop === null ? 'no way back' : '250.122(B)');
    expect(part($plan, 'Conductors')?->pick)->toStartWith(($forDrop ?? ConductorSize::Awg10)->words())
        ->and(part($plan, 'Conductors')?->why)->toContain('10 AWG carries 30.0 A usable at 60 °C terminals and 86 °F (30 °C) around it');
    expect(str_contains((string) part($plan, 'Conductors')?->why, 'keeps the voltage drop within 3 %'))->toBe($forDrop !== null);
})->with([
    // 7.2 V less 1.86 V for 25 ft of cord are 5.34 V: 71.7 ft of 10 AWG, 114 ft of 8 AWG (0.778 ohms).
    [25, 71, null], [25, 72, ConductorSize::Awg8], [25, 114, ConductorSize::Awg8], [25, 115, ConductorSize::Awg6],
    'a cord that takes it all leaves nothing to mend' => [100, 50, null],
]);

it('takes the hottest day of the survey for the wire, where that is hotter than what was said', function (
    ?float $hottestF, float $saidC, ConductorSize $size, string $says,
) {
    $job = Houses::changed(Houses::small(), wire: new WireRun(25, 20, ambientC: $saidC), site: new Site(hottestF: $hottestF));
    $plan = Houses::built($job, Houses::supply(), 'interlock');
    expect($plan->conductor(ConductorKind::Run)?->size)->toBe($size)->and(part($plan, 'Conductors')?->why)->toContain($says);
})->with([
    // 10 AWG: 35 A at 75 °C, times 0.82 at 104 to 113 °F is 28.7 A.
    'a hot place' => [110, 30, ConductorSize::Awg8, '110 °F (43 °C), the hottest day of the survey'],
    'a mild one' => [86, 30, ConductorSize::Awg10, '86 °F (30 °C) around it;'],
    'a hotter attic on the way' => [95, 45, ConductorSize::Awg8, '113 °F (45 °C) around it;'],
    'not known' => [null, 30, ConductorSize::Awg10, 'with the hottest day not known'],
]);

it('puts the breaker on the smallest rating, and says which', function () {
    $why = fn (Assembly $plan, string $part) => part($plan, $part)?->pick.': '.part($plan, $part)?->why;
    expect($why(plan(new WireRun(25, 20)), 'Generator breaker'))->toBe('30 A, two-pole: The smallest of outlet 30 A, cord 30 A, inlet 30 '
        .'A, conductor 30 A; held down, since it is back-fed.')
        ->and($why(plan(new WireRun(25, 20, 20)), 'Generator breaker'))->toStartWith(
            '20 A, two-pole: The smallest of outlet 30 A, cord 30 A, inlet 20 A'
        )
        ->and($why(plan(new WireRun(25, 20), way: 'manual_switch'), "Switch's incoming breaker"))->toBe(
            '30 A, two-pole: The smallest of outlet 30 A, cord 30 A, inlet 30 A, conductor 30 A, switch 30 A.'
        )
        ->and(
            $why(plan(new WireRun(25, 20), Houses::supply(3000, 3600, 120, Outlet::Travel30), 'manual_switch'), "Switch's incoming breaker")
        )->toStartWith('30 A, one-pole, and the two halves of the switch joined')
        ->and($why(plan(new WireRun(25, 20), Houses::supply(3000, 3600, 120, Outlet::Travel30)), 'Generator breaker'))->toStartWith(
            '30 A, two-pole, both poles fed from the one hot wire'
        );
});

it('says of the inlet whether it is as large as the outlet', function (int $inletAmps, string $says) {
    expect(part(plan(new WireRun(25, 20, $inletAmps)), 'Inlet')?->why)->toStartWith($says);
})->with([[30, 'The same rating as the outlet'], [50, "Larger than today's outlet"],
    [20, 'Smaller than the outlet: the machine can push 30 A through it.']]);

it('names an inlet of the size picked', function (int $inletAmps, string $names) {
    expect(
        part(plan(new WireRun(25, 20, $inletAmps), Houses::supply(12000, 15000, 240, Outlet::Straight50, 50)), 'Inlet')?->pick
    )->toStartWith($names);
})->with([[20, 'L14-20P, 20 A'], [30, 'L14-30P, 30 A'], [50, '14-50P, 50 A']]);

it('needs no cord, no inlet and no cord length where the machine is wired in', function () use ($wired) {
    $plan = plan(new WireRun(null, 40), $wired());
    expect($plan->component(ComponentKind::Inlet)?->amps)->toBeNull()
        ->and($plan->conductor(ConductorKind::Cord)?->drop)->toBeNull()
        ->and($plan->missing)->toBe([])
        ->and(part($plan, 'Cord'))->toBeNull()
        ->and(part($plan, 'Inlet'))->toBeNull()
        ->and(part($plan, 'At the machine')?->pick)->toContain('60 A breaker')
        ->and(part($plan, 'Generator breaker')?->why)->toStartWith('The smallest of the machine 60 A, conductor')
        ->and(part($plan, 'Terminals')?->pick)->toBe('hots, neutral and ground as marked')
        ->and(plan(new WireRun, $wired())->missing)->toBe(['the length of the run to the panel']);
});

it('sizes conductors by their terminals, their ambient and their metal', function (WireRun $run, int $amps, string $size) use ($wired) {
    $supply = $amps === 60 ? $wired() : Houses::supply(7200, 9000);
    expect(plan($run, $supply)->conductor(ConductorKind::Run)?->choice?->size->value)->toBe($size);
})->with([
    // NEC Table 310.16: copper 4 AWG 70 A at 60 °C, 6 AWG 55 A at 60 °C and 65 A at 75 °C; aluminium 4 AWG 65 A at 75 °C.
    [new WireRun(runFt: 10), 60, '4'], [new WireRun(runFt: 10, terminalC: 75), 60, '6'],
    [new WireRun(runFt: 10, terminalC: 75, material: Material::Aluminium), 60, '4'],
    // 75 °C insulation: 35 A for 10 AWG, 50 A for 8 AWG; 0.88 at 36–40 °C, 0.82 at 41–45 °C, 0.67 at 51–55 °C, 0.58 at 56–60 °C.
    [new WireRun(runFt: 10, ambientC: 40), 30, '10'], [new WireRun(runFt: 10, ambientC: 41), 30, '8'],
    [new WireRun(runFt: 10, ambientC: 55), 30, '8'], [new WireRun(runFt: 10, ambientC: 56), 30, '6'],
    [new WireRun(runFt: 10, method: WiringMethod::Cable), 30, '10'],
]);

it('says where neutral and ground are bonded, and how the plug is wired', function () {
    $machine = fn (?GeneratorNeutral $bond): Supply => new Supply(Changed::of(Houses::machine(), bond: $bond), Fuel::Gasoline);
    $said = function (?GeneratorNeutral $bond, ?bool $switches) use ($machine): ?Line {
        $job = Changed::of(Houses::small($machine($bond), 'whole_house_manual'), wire: new WireRun(25, 20));

        return part(
            (new Design($job->with($job->connection->with(switchesNeutral: $switches))))->assembly() ?? new Assembly([]), 'Neutral bond',
        );
    };
    [$floating, $bonded] = [GeneratorNeutral::Floating, GeneratorNeutral::Bonded];
    expect($said($floating, false)?->pick)->toBe('that of the house, no other')
        ->and($said($bonded, false)?->pick)->toStartWith('one too many')
        ->and($said($bonded, false)?->why)->toContain('The bond of the service stays in any case')
        ->and($said($bonded, true)?->pick)->toStartWith('at the machine, the only one')
        ->and($said($floating, true)?->pick)->toBe('none at all: not to be built like this')
        ->and($said($floating, null)?->pick)->toStartWith('choose')->and($said($bonded, null)?->pick)->toStartWith('choose')
        ->and($said(null, false)?->pick)->toBe('not known')
        ->and(part(plan(new WireRun), 'Terminals')?->pick)->toStartWith('X and Y to the two hots, in either order')
        ->and(
            part(plan(new WireRun, Houses::supply(3000, 3600, 120, Outlet::Travel30)), 'Terminals')?->pick
        )->toStartWith('Brass to the hot');
});

it('judges loose cords at 15 A over 12 AWG', function () {
    // 2 x 1.98 ohms x 15 A x 100 ft: 5.94 V of 120 V.
    $plan = plan(new WireRun(100), way: 'cords');
    expect($plan->conductor(ConductorKind::Cord)?->drop?->dropV)->toEqualWithDelta(5.94, 1e-9)
        ->and($plan->endV())->toEqualWithDelta(114.06, 1e-9)
        ->and($plan->dropPct())->toEqualWithDelta(4.95, 1e-9)
        ->and(
            [$plan->component(ComponentKind::Outlet)?->amps, $plan->volts(), $plan->missing, $plan->conductor(ConductorKind::Run)]
        )->toBe([20, 120.0, [], null])
        ->and(part($plan, 'Cords')?->why)->toContain('over 100 ft')->toContain('114');
    expect(plan(new WireRun, way: 'cords')->missing)->toBe(['the length to the farthest appliance']);
});

it('sizes neutral, ground and raceway of the run, and takes 75 °C terminals over 100 A alone', function (
    int $amps, Outlet $outlet, WireRun $run, array $says,
) {
    $plan = plan($run, Houses::supply(48_000, 60_000, 240, $outlet, $amps));
    foreach ($says as $part => $pick) {
        expect(part($plan, $part)?->pick.' '.part($plan, $part)?->why)->toContain($pick);
    }
})->with([
    '30 A in conduit' => [30, Outlet::Locking30, new WireRun(25, 20), [
        'Neutral' => '10 AWG, as large as the hots', 'Equipment ground' => '10 AWG copper, with the hots For the 30 A',
        'Raceway' => 'at least EMT 1/2 or PVC schedule 40 1/2 2 hots, 1 neutral, 1 ground in one raceway',
    ]],
    '50 A in cable' => [50, Outlet::Straight50, new WireRun(25, 20, method: WiringMethod::Cable), [
        'Cable' => '6/3 with ground', 'Equipment ground' => '10 AWG copper',
    ]],
    '100 A stays with 60 °C' => [100, Outlet::Terminals, new WireRun(null, 20), [
        'Conductors' => '1 AWG carries 110.0 A usable at 60 °C terminals and', 'Equipment ground' => '8 AWG copper',
        'Raceway' => 'EMT 1-1/4 or PVC schedule 40 1-1/4',
    ]],
    '110 A takes 75 °C' => [110, Outlet::Terminals, new WireRun(null, 20), [
        'Conductors' => '2 AWG carries 115.0 A usable at 75 °C terminals (over 100 A)', 'Equipment ground' => '6 AWG copper',
    ]],
]);

it('counts one hot conductor of a 120 V machine', function () {
    $plan = plan(new WireRun(25, 20), Houses::supply(3000, 3600, 120, Outlet::Travel30));
    expect(part($plan, 'Raceway')?->why)->toContain('1 hot, 1 neutral, 1 ground')
        ->and(part($plan, 'Neutral')?->why)->toContain('as much as the hot');
});

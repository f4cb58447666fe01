<?php

declare(strict_types=1);

namespace Tests\Core\ComparisonTest;

use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Plot\SpareChart;
use Underpin\Drawing\Plot\SpareInk;
use Underpin\Job\Circuit;
use Underpin\Job\LoadKind;
use Underpin\Job\Outlet;
use Underpin\Job\Role;
use Underpin\Job\Site;
use Underpin\Loads\Plan;
use Underpin\Loads\RoleSums;
use Underpin\Sizing\Fit;
use Underpin\Sizing\MachineClass;
use Underpin\Sizing\Ranking;
use Underpin\Sizing\Verdict;

/** @param  list<Circuit>  $circuits */
function fit(array $circuits, float $runW = 7200, float $peakW = 9000, float $margin = 20.0, int $volts = 240): Fit
{
    $supply = $volts === 240 ? Houses::supply($runW, $peakW) : Houses::supply($runW, $peakW, 120, Outlet::Travel30, 30);

    return Fit::of(new Plan($circuits), $supply, $margin);
}

it('says how a machine stands, with the margin it was judged by', function (array $circuits, string $standing, float $margin = 20.0,
    int $volts = 240) {
    expect(fit($circuits, margin: $margin, volts: $volts)->words()->standing())->toBe($standing);
})->with([
    'holds' => [[Houses::circuit('1', 1, Role::Must, 1800)], 'Holds the 20 % margin'],
    'holds another margin' => [[Houses::circuit('1', 1, Role::Must, 3000)], 'Holds the 10 % margin', 10.0],
    'under it' => [[Houses::circuit('1', 1, Role::Must, 3000)], 'Holds, with 17 % free: under the 20 % margin'],
    'far too large' => [[Houses::circuit('1', 1, Role::Must, 720)], 'Holds the 20 % margin; far too large: 5 times what must run'],
    'over running' => [[Houses::circuit('1', 1, Role::Must, 3720)], 'Over by 1.0 A while running'],
    'over at a start' => [[Houses::circuit('1', 1, Role::Must, 1200, 4740, LoadKind::Pump)], 'Over by 2.0 A at a start'],
    'in order only' => [[
        Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::Pump, 'Pump'),
        Houses::circuit('5', 1, Role::Must, 1200, 1200, LoadKind::Lighting),
    ], 'Holds in the right order only'],
    'no figures' => [[Houses::circuit('1', 1, Role::Must)], 'Not judged: 1 circuit that must run has no watts'],
    'nothing marked' => [[Houses::circuit('1', 1, Role::Off, 100)], 'Not judged: nothing is marked to run'],
    'no 240 V' => [[Houses::circuit('1', 2, Role::Must, 400, name: 'Dryer')], 'No 240 V for Dryer', 20.0, 120],
]);

it('never ranks what misses the margin, or holds in the right order only, above what truly holds', function (int $seed) {
    mt_srand($seed);
    $circuits = array_map(fn (int $n): Circuit => Houses::circuit(
        (string) $n, 1, Role::Must, (float) mt_rand(50, 900), (float) mt_rand(900, 3000), LoadKind::Pump,
    ), range(1, 8));
    $machines = array_map(fn (int $n) => Houses::machine(mt_rand(20, 140) * 100.0, mt_rand(150, 220) * 100.0, id: "m$n",
        price: mt_rand(400, 9000)),
        range(1, 15));
    $ranked = Ranking::of(new Plan($circuits), $machines, 20, new Site);
    $truly = array_map(fn (Fit $f): bool => $f->verdict === Verdict::Holds && $f->sparePct() >= 20 && ! $f->restartIsOver(), $ranked);
    $sorted = $truly;
    rsort($sorted);
    expect($truly)->toBe($sorted);
})->with(range(1, 12));

it('draws one margin for all, each machine at its price and spare, and its name over nothing', function (int $seed) {
    mt_srand($seed);
    $plan = new Plan([Houses::circuit('1', 1, Role::Must, 2400, 4000, LoadKind::Pump)]);
    $machines = array_map(fn (int $n) => Houses::machine(mt_rand(20, 140) * 100.0, mt_rand(150, 200) * 100.0, id: "m$n",
        price: mt_rand(400, 9000)),
        range(1, 20));
    $fits = Ranking::of($plan, $machines, 20, new Site);
    $picked = $fits[3]->supply->id();
    $drawn = Drawn::of((new SpareChart($fits, 20, $picked, 1000))->drawing());
    $margins = array_values(array_filter($drawn->only(Line::class), fn (Line $l): bool => $l->ink === SpareInk::Margin));
    expect($margins)->toHaveCount(1);
    $dot = fn (Fit $fit): Circle => array_values(array_filter(
        array_values(array_filter($drawn->links, fn (Link $l): bool => $l->facts['candidate'] === $fit->supply->id()))[0]->elements,
        fn ($e): bool => $e instanceof Circle,
    ))[0];
    foreach ($fits as $fit) {
        expect($dot($fit)->y < $margins[0]->y1)->toBe($fit->sparePct() > 20)
            ->and($dot($fit)->ink)->toBe($fit->supply->id() === $picked ? SpareInk::Picked : SpareInk::Dot);
        foreach ($fits as $other) {
            if ($fit->supply->machine->priceUsd < $other->supply->machine->priceUsd) {
                expect($dot($fit)->x)->toBeLessThan($dot($other)->x);
            }
        }
    }
    $names = array_filter($drawn->only(Text::class), fn (Text $t): bool => $t->ink === SpareInk::Name);
    expect($names)->not->toBe([]);
    foreach ($names as $name) {
        $box = new Box($name->x, $name->y - 13, mb_strlen($name->words) * 7.2, 16);
        foreach ($fits as $fit) {
            expect($box->overlaps(new Box($dot($fit)->x - 7, $dot($fit)->y - 7, 14, 14)))->toBeFalse();
        }
    }
})->with(range(1, 8));

it('puts a machine that cannot feed what must run at the foot, whatever it leaves of the rest', function () {
    $fit = fit([Houses::circuit('1', 2, Role::Must, 400, name: 'Dryer'), Houses::circuit('3', 1, Role::Must, 60)], 3600, 4200, volts: 120);
    $good = fit([Houses::circuit('3', 1, Role::Must, 60)]);
    expect($fit->sparePct())->toBeGreaterThan(90.0);
    $dots = Drawn::of((new SpareChart([$good, $fit], 20, '', 1000))->drawing(), 'machines')->only(Circle::class);
    expect(max(array_map(fn (Circle $c): float => $c->y, $dots)))->toBeGreaterThan(200.0);
});

it('names the class of machine that what must run asks for', function (array $circuits, ?int $watts, bool $both, string $words) {
    $class = MachineClass::of(new Plan($circuits), 20);
    expect($class->watts())->toBe($watts)->and($class->needsBothLegs)->toBe($both)->and($class->words())->toContain($words);
})->with([
    // 10 A on one leg is 2,400 W of a machine with two; four fifths of 3,000 W.
    'by the worse leg' => [[Houses::circuit('1', 1, Role::Must, 1200)], 3000, false, 'a machine of the 3,000 W class: 3,000 W running'],
    'by the margin' => [[Houses::circuit('1', 1, Role::Must, 1300)], 4000, false, '3,250 W running'],
    // 50 A at a start are 12,000 W for a moment: a quarter more than 9,600 W.
    'by the start' => [[Houses::circuit('1', 1, Role::Must, 1200, 6000, LoadKind::Pump)], 11000, false, '12,000 W for a moment'],
    'on both legs' => [[Houses::circuit('1', 2, Role::Must, 4800)], 6000, true, 'of the 6,000 W class, 120/240 V'],
    'a standby' => [[Houses::circuit('1', 2, Role::Must, 14000)], 18000, true, 'a standby machine of the 18,000 W class'],
    'more than any' => [[Houses::circuit('1', 2, Role::Must, 190_000)], null, true, 'more than one machine gives'],
]);

it('says of what the class knows nothing', function () {
    $words = fn (array $circuits): string => MachineClass::of(new Plan($circuits), 20)->words();
    $known = Houses::circuit('1', 1, Role::Must, 1200);
    expect($words([$known]))->toStartWith('a machine')->not->toContain('Not counted')
        ->and($words([$known, Houses::circuit('3', 1, Role::Must)]))->toStartWith('at least a machine')
        ->toEndWith('Not counted: 1 circuit that must run has no watts')
        ->and($words([$known, Houses::circuit('3', 1, Role::Must, 900, kind: LoadKind::Pump)]))->toContain('1 load has no starting watts');
});

it('sums watts and both legs by role', function () {
    [$must, $room, $off] = RoleSums::of(new Plan([
        Houses::circuit('1', 1, Role::Must, 1200), Houses::circuit('3', 1, Role::Must, 600), Houses::circuit('5', 2, Role::Room, 2400),
        Houses::circuit('9', 1, Role::Room), Houses::circuit('11', 1, Role::Off, name: 'Spare'),
    ]));
    expect([$must->count, $must->watts, $must->legs->aAmps, $must->legs->bAmps, $must->open])->toBe([2, 1800.0, 10.0, 5.0, 0])
        ->and([$room->count, $room->watts, $room->legs->aAmps, $room->legs->bAmps, $room->open])->toBe([2, 2400.0, 10.0, 10.0, 1])
        ->and([$off->count, $off->open])->toBe([1, 0]);
});

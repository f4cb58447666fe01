<?php

declare(strict_types=1);

namespace Tests\Core\SwitchLayoutTest;

use Tests\Support\Houses;
use Underpin\Assembly\Line;
use Underpin\Checks\Review;
use Underpin\Codebook\ManualSwitches;
use Underpin\Connection\Possible;
use Underpin\Connection\SwitchLayout;
use Underpin\Design\Design;
use Underpin\Drawing\Directory\DoorDirectories;
use Underpin\Drawing\Writer\SvgPage;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobReport;
use Underpin\Job\Circuit;
use Underpin\Job\Connection;
use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Legs\Leg;
use Underpin\Outage\CardCircuit;
use Underpin\Outage\SwitchingCard;
use Underpin\Refused;
use Underpin\Service\Multiwire;

use function Tests\pathsOf;

/** A circuit that must run and draws so many amperes. */
function drawing(string $space, float $amps, int $poles = 1): Circuit
{
    return Houses::circuit($space, $poles, Role::Must, $amps * 120 * $poles, $amps * 120 * $poles, name: "Circuit $space");
}

/** @param  list<Circuit>  $circuits */
function onSwitch(array $circuits, array $places = []): Job
{
    return Houses::changed(Houses::small(Houses::supply(), 'manual_switch'), panels: [
        new Panel('main', 'Main panel', 30, PanelKind::Main, 200, true, 1, false, $circuits, bonded: true),
    ], places: $places);
}

/**
 * @param  list<Circuit>  $circuits
 * @return array<string, list<int>> places by name
 */
function places(array $circuits, array $given = []): array
{
    $layout = SwitchLayout::of($circuits, $given, new Multiwire([new Panel('p', 'P', 30, circuits: $circuits)]));

    return array_combine(array_column($circuits, 'name'), array_map($layout->placesOf(...), $circuits));
}

it('gives every circuit places of its own, a two-pole two side by side, and evens the legs out', function (int $seed) {
    mt_srand($seed);
    $circuits = [];
    for ($space = 1, $left = 12; $left > 0 && $space < 28; $space += 4) {
        $poles = $left > 1 && mt_rand(0, 3) === 0 ? 2 : 1;
        $circuits[] = drawing((string) $space, mt_rand(1, 60) / 4, $poles);
        $left -= $poles;
    }
    $places = places($circuits);
    $all = array_merge(...array_values($places));
    expect(array_unique($all))->toBe($all)->and(max($all))->toBeLessThanOrEqual(12)->and(min($all))->toBeGreaterThan(0);
    $legs = ['A' => 0.0, 'B' => 0.0];
    $loose = [];
    foreach ($circuits as $circuit) {
        $its = $places[$circuit->name];
        expect(count($its))->toBe($circuit->position->poles);
        if (count($its) === 2) {
            expect($its[0] % 2)->toBe(1)->and($its[1])->toBe($its[0] + 1);
        } else {
            $legs[SwitchLayout::legOf($its[0])->value] += $circuit->runAmps();
            $loose[] = $circuit->runAmps();
        }
    }
    // By every layout that its places allow: nothing evens them out further.
    $wide = count($circuits) - count($loose);
    $most = (int) ManualSwitches::with(count($loose) + 2 * $wide) / 2 - $wide;
    $least = INF;
    for ($bits = 0; $bits < 1 << count($loose); $bits++) {
        $onA = substr_count(decbin($bits), '1');
        if ($onA > $most || count($loose) - $onA > $most) {
            continue;
        }
        $difference = 0.0;
        foreach ($loose as $i => $amps) {
            $difference += ($bits >> $i & 1) === 1 ? $amps : -$amps;
        }
        $least = min($least, abs($difference));
    }
    expect(abs($legs['A'] - $legs['B']))->toEqualWithDelta($least, 1e-9);
})->with(range(1, 40));

it('keeps a place that was given, and lays the rest out around it', function () {
    $circuits = [drawing('1', 8), drawing('5', 6, 2), drawing('9', 4), drawing('2', 3)];
    expect(places($circuits, ['c9' => 5, 'c5' => 3]))->toMatchArray(['Circuit 9' => [5], 'Circuit 5' => [3, 4]])
        ->and(places($circuits, ['c2' => 6, 'c1' => 1]))->toMatchArray(['Circuit 2' => [6], 'Circuit 1' => [1]]);
});

it('says which places cannot be kept, and lays all out anew', function (array $given) {
    $job = onSwitch([drawing('1', 8), drawing('5', 6, 2), drawing('9', 4)], $given);
    $verdict = Houses::verdict($job, 'manual_switch');
    expect($verdict->possible)->toBe(Possible::NotKnown)
        ->and(implode(' ', array_column($verdict->reasons, 'text')))->toContain('cannot be kept together');
    $start = SwitchingCard::of(Review::of($job))->start;
    expect(array_merge(...array_map(fn (CardCircuit $c): array => $c->places, $start)))->toHaveCount(4);
})->with([
    'a two-pole on an even place' => [['c5' => 2]],
    'a place that the switch does not have' => [['c1' => 5]],
    'no two left side by side' => [['c1' => 1, 'c9' => 3]],
]);

it('never gives two circuits one place', function () {
    expect(fn () => new Connection('manual_switch', places: ['a' => 3, 'b' => 3]))->toThrow(Refused::class, 'place 3');
});

it('keeps the halves of a multiwire circuit on opposite legs, side by side', function () {
    $circuits = [drawing('9', 8), drawing('7', 6)->with(sharesNeutralWith: 'c9'), drawing('1', 12)];
    $places = places($circuits);
    expect($places['Circuit 9'])->toBe([1])->and($places['Circuit 7'])->toBe([2]);
});

it('puts the circuits on the legs of their places, for the machine and on the card', function () {
    // All on leg A of the panel: 24 A there. The switch evens that out to 12 and 12.
    $job = onSwitch([drawing('1', 6), drawing('5', 6), drawing('9', 6), drawing('13', 6)]);
    $design = new Design($job);
    expect([$design->fit()?->running->aAmps, $design->fit()?->running->bAmps])->toBe([12.0, 12.0])
        ->and($design->plan()->running->aAmps)->toBe(24.0);
    $rows = JobReport::of($job)['card']['start'];
    expect(array_column($rows, 'space'))->toContain('1', '5', '9', '13')
        ->and(count(array_unique(array_column($rows, 'place'))))->toBe(4)
        ->and(array_key_exists('place', JobReport::of(Houses::changed($job, connection: 'interlock'))['card']['start'][0]))->toBeFalse();
});

it('says on the door of the panel which place of the switch a circuit has', function () {
    $job = onSwitch([drawing('1', 6), drawing('5', 6, 2)->with(name: 'Pump')]);
    $words = fn (Job $job): string => SvgPage::inner((new DoorDirectories)->sheets(new Design($job))[0]);
    expect($words($job))->toContain('20 A, switch 3')->toContain('20 A, switch 1–2')
        ->and($words(Houses::changed($job, connection: 'interlock')))->not->toContain('switch');
});

it('refuses two places for one circuit in a job file', function () {
    $file = json_decode(JobFile::standard()->encode(onSwitch([])), true);
    $twice = [['circuit' => 'a', 'place' => 1], ['circuit' => 'a', 'place' => 2]];
    expect(pathsOf(['switch_places' => $twice] + $file))->toBe(['switch_places.1.circuit'])
        ->and(pathsOf(['switch_places' => [$twice[0]]] + $file))->toBe([]);
});

it('gives every circuit of a transfer panel a space of its own on the leg that evens both out', function (int $seed) {
    mt_srand($seed);
    $circuits = [];
    for ($space = 1, $left = 16; $left > 0 && $space < 28; $space += 4) {
        $poles = $left > 1 && mt_rand(0, 3) === 0 ? 2 : 1;
        $circuits[] = drawing((string) $space, mt_rand(1, 60) / 4, $poles);
        $left -= $poles;
    }
    $layout = SwitchLayout::inPanel($circuits, new Multiwire([new Panel('p', 'P', 30, circuits: $circuits)]));
    $taken = array_map($layout->placesOf(...), $circuits);
    expect(array_unique(array_merge(...$taken)))->toHaveCount(count(array_merge(...$taken)))
        ->and(max(array_merge(...$taken)))->toBeLessThanOrEqual(16)->and($layout->words())->toBe('transfer panel');
    $ones = [];
    foreach ($circuits as $i => $circuit) {
        if ($circuit->position->poles === 2) {
            // One below the other, so that one breaker takes both: 1 and 3, 2 and 4.
            expect($taken[$i][1] - $taken[$i][0])->toBe(2);
        } else {
            $ones[] = $circuit;
            expect($layout->onItsLeg($circuit)->leg())->toBe(Position::legOfSpace($taken[$i][0]));
        }
    }
    $difference = fn (callable $sign): float => abs(array_sum(array_map(
        fn (Circuit $c, int $i): float => $sign($c, $i) * $c->runAmps(), $ones, array_keys($ones),
    )));
    $best = INF;
    for ($mask = 0; $mask < 2 ** count($ones); $mask++) {
        $best = min($best, $difference(fn (Circuit $c, int $i): int => ($mask >> $i) % 2 === 0 ? 1 : -1));
    }
    expect($difference(fn (Circuit $c): int => $layout->onItsLeg($c)->leg() === Leg::A ? 1 : -1))->toEqualWithDelta($best, 1e-9);
})->with(range(1, 12));

it('says on the card, in the directory and in the wire table in which space of the transfer panel a circuit sits', function () {
    $job = Houses::changed(onSwitch([drawing('1', 5), drawing('5', 4, 2), drawing('2', 5)]), connection: 'transfer_subpanel');
    $design = new Design($job);
    $start = SwitchingCard::of(new Review($design))->start;
    expect(array_map(fn (CardCircuit $c): string => $c->thrown(), $start))->toContain('1–3')
        ->and($design->onGenerator()->must[0]->leg())->not->toBe($design->onGenerator()->must[2]->leg());
    $rows = array_map(fn (Line $l): string => "$l->part: $l->pick", $design->assembly()?->lines() ?? []);
    expect(implode('|', $rows))->toContain('space 1–3, 20 A');
    $directory = SvgPage::inner((new DoorDirectories)->sheets($design)[0]);
    expect($directory)->toContain('transfer panel 1–3');
});

<?php

declare(strict_types=1);

namespace Tests\Core\PartsTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Assembly\PartKind;
use Underpin\Codebook\Conduit;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\MachineKind;
use Underpin\Job\MeasuredLength;
use Underpin\Job\Outlet;
use Underpin\Job\Service;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;
use Underpin\Sizing\Supply;

function withRun(WireRun $run, string $way = 'interlock'): Job
{
    return Changed::of(Houses::small(Houses::supply(), $way), wire: $run);
}

/** @return array<string, float> quantity by kind and part */
function parts(Job $job): array
{
    $parts = [];
    foreach (PartsList::of(new Design($job))->lines as $line) {
        $parts["{$line->kind->value}: $line->part"] = $line->quantity;
    }

    return $parts;
}

/** @return list<string> of one kind */
function ofKind(Job $job, PartKind $kind): array
{
    return array_values(array_map(fn (PartLine $l): string => $l->part, array_filter(
        PartsList::of(new Design($job))->lines, fn (PartLine $l): bool => $l->kind === $kind,
    )));
}

it('takes each conductor as long as the run with its slack, up to a whole foot', function () {
    $parts = parts(withRun(new WireRun(40, 33.2, laying: new Laying(slackFt: 4, raceway: Conduit::Pvc40))));
    expect($parts)->toHaveKeys(['conductor: 10 AWG copper, black', 'conductor: 10 AWG copper, red', 'ground: 10 AWG copper, green or bare'])
        ->and($parts['conductor: 10 AWG copper, white'])->toBe(38.0)
        // 37.2 ft are four lengths of ten, three couplings between them, a connector at each end.
        ->and($parts['raceway: PVC schedule 40, trade size 1/2'])->toBe(4.0)
        ->and($parts['fitting: Coupling for PVC schedule 40, trade size 1/2'])->toBe(3.0)
        ->and($parts['fitting: Connector for PVC schedule 40, trade size 1/2'])->toBe(2.0);
});

it('takes a cable in the place of wires and raceway, and one that bends off a roll', function () {
    $cable = withRun(new WireRun(40, 33, method: WiringMethod::Cable));
    expect(parts($cable)['conductor: Cable 10/3 copper with ground'])->toBe(33.0)->and(ofKind($cable, PartKind::Raceway))->toBe([]);
    $rolled = parts(withRun(new WireRun(40, 33, laying: new Laying(raceway: Conduit::LfncB))));
    expect(array_filter($rolled, fn (float $q, string $p): bool => str_starts_with($p, 'raceway') && $q === 33.0, ARRAY_FILTER_USE_BOTH))
        ->toHaveCount(1);
});

it('lists no length that nobody measured, and says which', function () {
    $list = PartsList::of(new Design(withRun(new WireRun)));
    expect($list->missing)->toContain('the cord\'s length')->toContain('the length of the run to the panel')
        ->and(array_filter($list->lines, fn (PartLine $l): bool => $l->unit === 'ft'))->toBe([])
        ->and(ofKind(withRun(new WireRun), PartKind::Cord))->toBe([])
        ->and(PartsList::of(new Design(withRun(new WireRun(40, 33))))->missing)->toBe(['the kind of raceway']);
});

it('orders an interlock with its hold-down, a breaker of each moved circuit, and nothing that is there', function () {
    $interlock = withRun(new WireRun(40, 33));
    expect(ofKind($interlock, PartKind::Interlock))->toHaveCount(1)->and(ofKind($interlock, PartKind::Breaker))->toHaveCount(1)
        ->and(ofKind($interlock, PartKind::Fitting))->toBe(['Hold-down kit for a back-fed breaker'])
        ->and(ofKind($interlock, PartKind::Panel))->toBe([]);
    $parts = parts(withRun(new WireRun(40, 33), 'transfer_subpanel'));
    // A pump on two poles, a fridge at 20 A and a boiler at 15 A leave their breakers behind; the feeder takes one in the old panel.
    $breakers = array_filter($parts, fn (string $p): bool => str_starts_with($p, 'breaker'), ARRAY_FILTER_USE_KEY);
    expect(array_sum($breakers))->toBe(5.0)
        ->and(ofKind(withRun(new WireRun(40, 33), 'manual_switch'), PartKind::Breaker))->toHaveCount(1);
});

it('orders what a new service and a source of its own bring along', function () {
    $machine = Changed::of(
        Houses::machine(18_000, 18_000, 240, Outlet::Terminals, 80, MachineKind::Standby), bond: GeneratorNeutral::Bonded,
    );
    $job = Changed::of(
        Houses::small(new Supply($machine, Fuel::Gasoline), 'automatic_service'), wire: new WireRun(null, 60),
        service: new Service(DisconnectPlace::Panel, amps: 200),
    );
    $parts = parts($job->with($job->connection->with(switchesNeutral: true)));
    expect($parts)->toHaveKeys(['protection: Surge protector', 'other: Ground rod with clamp', 'pad: Pad, level'])
        ->and(ofKind($job, PartKind::Breaker))->toBe([])
        ->and(PartsList::of(new Design($job))->missing)->toContain('length of the charger circuit from Main panel to '.$machine->name);
});

it('lists conductors whose size the equipment decides, and leaves none out silently', function () {
    $job = withRun(new WireRun(40, 33, lengths: [new MeasuredLength('feeder switch panel:main', 6.0)]), 'manual_switch');
    $job = $job->with($job->connection->with(switchKind: SwitchKind::Cables));
    // Neutral and ground between the switch and the panel, 6 ft each, as large as the generator run.
    expect(parts($job)['conductor: Feeder conductors, size as the wire table says'] ?? null)->toBe(12.0);
    foreach (Ways::standard()->all() as $way) {
        $design = new Design(Changed::of($job, connection: $way->key()));
        $built = $design->assemblyBy($way);
        $long = array_merge([], ...array_map(
            fn (array $each): array => [new MeasuredLength($each[0]->between(), 5.0)], array_values($built?->toMeasure() ?? []),
        ));
        $measured = new Design($job->with($job->wire->withLengths($long)));
        $because = implode("\n", array_merge([], ...array_map(
            fn (PartLine $l): array => $l->because, PartsList::by($measured, $way)->lines,
        )));
        foreach ($measured->assemblyBy($way)?->conductors() ?? [] as $conductor) {
            $isBought = $conductor->isMeasured() && $conductor->wires !== [];
            expect(! $isBought || str_contains($because, $measured->assemblyBy($way)->nameOf($conductor->to)))->toBeTrue($conductor->id);
        }
    }
});

it('says what comes first where nothing can be built', function (Job $job, string $missing) {
    expect(PartsList::of(new Design($job)))->toMatchArray(['lines' => [], 'missing' => [$missing]]);
})->with([
    [Houses::small(), 'a machine'], [Houses::small(Houses::supply()), 'a way of connecting'],
]);

it('has no part twice, none without a place, and none of nothing, for any house by any way', function (int $seed) {
    mt_srand($seed);
    foreach (array_keys(Ways::standard()->options()) as $way) {
        $job = Changed::of(RandomHouse::job($seed), connection: $way, supply: Houses::supply(), wire: new WireRun(
            mt_rand(0, 1) === 1 ? mt_rand(1, 100) : null, mt_rand(0, 1) === 1 ? mt_rand(1, 100) : null,
            method: WiringMethod::cases()[mt_rand(0, 1)],
        ));
        $list = PartsList::of(new Design($job));
        $keys = array_map(fn (PartLine $l): string => "{$l->kind->value} $l->part", $list->lines);
        expect(array_unique($keys))->toBe($keys)->and(array_unique($list->missing))->toBe($list->missing);
        foreach ($list->lines as $line) {
            expect($line->quantity)->toBeGreaterThan(0.0)->and($line->because)->not->toBe([])->and($line->unit)->not->toBe('');
        }
    }
})->with(range(1, 12));

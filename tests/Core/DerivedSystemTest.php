<?php

declare(strict_types=1);

namespace Tests\Core\DerivedSystemTest;

use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Assembly\Assembly;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Line;
use Underpin\Checks\PlannedArrangement;
use Underpin\Connection\DerivedSystem;
use Underpin\Design\Design;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\HookUp\HookUp;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Service;
use Underpin\Job\WireRun;
use Underpin\Sizing\Supply;

function derived(
    GeneratorNeutral $bond, ?bool $switches, int $amps = 80, MachineKind $kind = MachineKind::Standby, string $way = 'automatic',
): Job {
    $outlet = $kind === MachineKind::Standby ? Outlet::Terminals : Outlet::Locking30;
    $machine = Changed::of(Houses::machine(18_000, 18_000, 240, $outlet, $amps, $kind), bond: $bond);
    $job = Changed::of(
        Houses::small(new Supply($machine, Fuel::Gasoline), $way), wire: new WireRun(25, 20),
        service: new Service(DisconnectPlace::Panel, amps: 200),
    );

    return $job->with($job->connection->with(switchesNeutral: $switches));
}

function builtOf(Job $job): Assembly
{
    return (new Design($job))->assembly() ?? throw new \LogicException('nothing is built');
}

/** @return list<Line> */
function said(Assembly $built, string $title): array
{
    return array_values(array_filter($built->lines(), fn (Line $line): bool => $line->part === $title));
}

it('gives a standby of its own a jumper and an electrode by its conductors', function (int $amps, string $size) {
    $built = builtOf(derived(GeneratorNeutral::Bonded, true, $amps));
    $conductor = array_column($built->conductors(ConductorKind::Electrode), null, 'id')['gec:generator'];
    expect($conductor->wires[0]->size?->value)->toBe($size)
        ->and(said($built, 'System bonding jumper')[0]->pick)->toContain("at least $size AWG copper")
        ->and(said($built, 'Electrode conductor of the machine'))->toHaveCount(1)
        ->and(array_column($built->components(ComponentKind::Electrode), 'id'))->toContain(DerivedSystem::ELECTRODE);
})->with([
    'by 3 AWG' => [80, '8'], 'by 1/0' => [150, '6'], 'by 3/0' => [200, '4'],
]);

it('gives none where the neutral floats, goes through, or is not chosen', function (GeneratorNeutral $bond, ?bool $switches) {
    $built = builtOf(derived($bond, $switches));
    expect(said($built, 'System bonding jumper'))->toBe([])
        ->and(array_column($built->components(ComponentKind::Electrode), 'id'))->not->toContain(DerivedSystem::ELECTRODE);
})->with([
    'it floats' => [GeneratorNeutral::Floating, true], 'it goes through' => [GeneratorNeutral::Bonded, false],
    'not chosen' => [GeneratorNeutral::Bonded, null],
]);

it('asks the authority about the electrode of a portable', function () {
    $built = builtOf(derived(GeneratorNeutral::Bonded, true, 30, MachineKind::Portable, 'whole_house_manual'));
    expect(said($built, 'Electrode of the machine')[0]->why)->toContain('the authority says')
        ->and(array_column($built->conductors(ConductorKind::Electrode), 'id'))->not->toContain('gec:generator');
});

it('answers the rule about the electrode where it is built, and leaves it open where it is asked', function () {
    $electrode = fn (Job $job): ?bool => PlannedArrangement::of(new Design($job))?->transfer->electrode;
    expect($electrode(derived(GeneratorNeutral::Bonded, true)))->toBeTrue()
        ->and($electrode(derived(GeneratorNeutral::Bonded, true, 30, MachineKind::Portable, 'whole_house_manual')))->toBeNull();
});

it('draws the electrode beside the machine', function () {
    $words = array_map(
        fn (object $e): string => $e instanceof Text ? $e->words : '',
        Drawn::of((new HookUp(builtOf(derived(GeneratorNeutral::Bonded, true))))->drawing())->elements,
    );
    expect(implode("\n", $words))->toContain('Electrode at the machine');
});

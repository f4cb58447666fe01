<?php

declare(strict_types=1);

namespace Tests\Core\PapersTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Job\Agreed;
use Underpin\Job\Customer;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Dwelling;
use Underpin\Job\Fuel;
use Underpin\Job\FuelKept;
use Underpin\Job\GasAppliance;
use Underpin\Job\Job;
use Underpin\Job\LocalRules;
use Underpin\Job\MachineKind;
use Underpin\Job\Marking;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Job\Service;
use Underpin\Job\Site;
use Underpin\Job\StepNote;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Papers\Block;
use Underpin\Papers\Papers;
use Underpin\Sizing\Supply;

function written(string $paper, Job $job): string
{
    return implode("\n", array_map(fn (Block $b): string => implode(' | ', [
        $b->heading, $b->words, ...array_map(fn (array $cells): string => implode(' ', $cells), $b->rows), ...$b->lines,
        $b->drawing->title ?? '',
    ]), Papers::standard()->find($paper)?->blocks(Review::of($job), '2026-11-26') ?? []));
}

function waits(string $paper, Job $job): string
{
    return Papers::standard()->find($paper)?->waitsFor(Review::of($job)) ?? 'no such paper';
}

function onGas(?float $meterCfh, GasAppliance ...$appliances): Job
{
    $machine = Changed::of(
        Houses::machine(14_000, 14_000, 240, Outlet::Terminals, 60, MachineKind::Standby),
        ratings: [new Rating(Fuel::NaturalGas, 14_000, null, 80, null, 230)],
    );

    return Changed::of(
        Houses::small(new Supply($machine, Fuel::NaturalGas), 'automatic_service'), wire: new WireRun(null, 40),
        site: new Site(gasMeterCfh: $meterCfh), service: new Service(DisconnectPlace::Panel, amps: 200), serviceAmps: 200,
        demand: new DemandInputs(DemandMethod::Optional, 240.0, new Dwelling(2000)),
    )->with(new Customer('Ada Field', '4 Mill Lane'), new FuelKept(appliances: array_values($appliances), pipeFt: 60));
}

it('names the customer in a letter, and leaves room for a name that is not known', function (string $letter) {
    $nameless = onGas(400)->with(new Customer(address: '4 Mill Lane'));
    expect(written($letter, onGas(400)))->toContain('Customer: Ada Field, 4 Mill Lane.')
        ->and(written($letter, $nameless))->toMatch('/Customer: _{20}, 4 Mill Lane\./');
})->with(['gas-letter', 'utility-letter']);

it('packs what an authority wants to see, and says that it is a draft while anything is wrong', function () {
    $packet = written('permit-packet', onGas(400));
    expect($packet)->toContain('Ada Field')->toContain('4 Mill Lane')->toContain(
        'Automatic service-entrance switch',
    )->toContain('Load calculation')
        ->toContain('Main bonding jumper')->toContain('Surge protector')->toContain('One-line diagram')->toContain('Signature and date')
        ->toContain('length of the control wires')
        ->and($packet)->not->toContain('Draft')->and(written('permit-packet', onGas(200)))->toContain(
            'Draft, not to be handed in: The gas meter passes',
        )
        ->and(written('permit-packet', Houses::small(Houses::supply(), 'interlock')))->toContain('NEC 2023');
});

it('cites the edition that the local rules name, in every paper', function () {
    $job = onGas(200);
    $old = Changed::of($job, rules: new LocalRules(edition: 'NEC 2017'), otherSource: new OtherSource(OtherSourceKind::Solar));
    foreach (Papers::standard()->all() as $paper) {
        $text = written($paper->key(), $old);
        expect($text)->not->toContain('2023')->not->toContain('2020');
    }
    expect(written('permit-packet', $old))->toContain('NEC 2017')->toContain('Load calculation: optional')
        ->toContain('solar at a place not looked for; its disconnect not looked for; while the generator runs: not decided')
        ->and(written('permit-packet', Changed::of($job, otherSource: null)))->toContain('Solar or a battery not looked');
});

it('draws the same one-line as the page', function () {
    $job = onGas(400);
    $drawings = array_filter(array_map(
        fn (Block $b) => $b->drawing, Papers::standard()->find('permit-packet')?->blocks(Review::of($job), '2026-11-26') ?? [],
    ));
    expect(array_values($drawings)[0])->toEqual(
        \Underpin\Drawing\Drawings::standard()->find('one-line')?->sheets(new \Underpin\Design\Design($job))[0],
    );
});

it('writes to the utility where the meter is pulled or takes an adapter, and asks for the fault current', function () {
    $pulled = onGas(400);
    expect(written('utility-letter', $pulled))->toContain(
        'disconnect the service at the meter',
    )->toContain('fault current that is available')
        ->toContain('never in parallel')
        ->and(written('utility-letter', $pulled->with($pulled->connection->with(utilityFaultAmps: 9800))))->not->toContain('fault current')
        ->and(
            written('utility-letter', $pulled->with($pulled->connection->with(way: 'meter_collar'))),
        )->toContain('approval of a listed meter-mounted');
    $behind = Changed::of(Houses::small(Houses::supply(), 'interlock'), service: new Service(
        DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, true, Marking::Service)],
    ));
    expect(waits('utility-letter', $behind->with($behind->connection->with(utilityFaultAmps: 9800))))->toContain('the meter stays')
        ->and(waits('utility-letter', Houses::small(Houses::supply())))->toContain('way of connecting');
});

it('writes to the gas plumber what is wanted, and warns of a meter that is too small', function () {
    $letter = written('gas-letter', onGas(250, new GasAppliance('f', 'Furnace', 100_000)));
    // 230 cubic feet for the machine, 100 for the furnace, whose branch nobody measured: 60 ft of 1 in carry 257, of 1-1/4 in 528.
    expect($letter)->toContain('330 cubic feet an hour')->toContain('Furnace 100,000 BTU/h')
        ->toContain('1-1/4 in schedule 40; 60 ft, 330,000 BTU/h')->toContain('Furnace: counted in every section')
        ->toContain('The meter is too small')->toContain('3.5 to 7 in of water')
        ->and(written('gas-letter', onGas(330, new GasAppliance('f', 'Furnace', 100_000))))->not->toContain('too small')
        ->and(written('gas-letter', onGas(null)))->toContain('not read')->toContain('please count what else burns')
        ->and(waits('gas-letter', Houses::small(Houses::supply(), 'interlock')))->toContain('burns no gas')
        ->and(waits('gas-letter', Houses::small()))->toContain('a machine');
});

it('never says that something is safe, in any paper', function () {
    foreach (Papers::standard()->all() as $paper) {
        expect(written($paper->key(), onGas(250)))->not->toMatch('/\bsafe\b/i');
    }
});

it('leaves with the owner what runs, what it burns, what comes round and whom to call, and no claim about a bond', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(40, 33))->with(
        new Customer('Ada Field', '4 Mill Lane', utilityPhone: '555-0160'), new FuelKept('2026-10-01', true, near: 'Mill Street',
            far: 'Depot'),
    );
    $folder = written('owners-folder', $job);
    expect($folder)->toContain('Well pump')->toContain('until 2027-10-01')->toContain('when that is dark: Depot')->toContain('555-0160')
        ->toContain('engine off and cooled for 15 to 20 minutes')->toContain('Test under load')->toContain('2027-05-26')
        ->toContain('One-line diagram')->toContain('Never two sources at once')->toContain('exhaust away')
        ->toContain('A machine whose neutral is bonded to its frame is not plugged in here without')->not->toContain('neutral floats')
        ->and(waits('owners-folder', Houses::small()))->toContain('a machine')
        ->and(waits('owners-folder', Houses::small(Houses::supply())))->toContain('way of connecting');
    expect($folder)->toContain('Practice it by daylight')->and(written('owners-folder', onGas(400)))
        ->toContain('knows where it is shut off')
        ->not->toContain('Practice it');
    $switched = $job->with($job->connection->with(way: 'manual_switch', switchKind: SwitchKind::Cables, switchesNeutral: true));
    expect(written('owners-folder', $switched))->toContain('its bond belongs at the machine. Nobody takes it out')
        ->not->toContain('not switched');
});

it('counts the services from the hand-over once it is noted, and names no day that is past', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(40, 33));
    $handed = fn (string $on): string => written('owners-folder', $job->with(new Agreed(steps: [new StepNote('hand-over', null, '',
        $on)])));
    expect($handed('2026-09-10'))->toContain('Test under load: Machine m 2027-03-10')
        ->and($handed('2024-09-10'))->toContain('Test under load: Machine m 2027-03-10')->not->toContain('2025-')->not->toContain('2024-');
});

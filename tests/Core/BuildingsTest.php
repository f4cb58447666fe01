<?php

declare(strict_types=1);

use Tests\Support\SixHouses;
use Underpin\Connection\Possible;
use Underpin\Connection\Ways;
use Underpin\Connection\WayVerdict;
use Underpin\Design\Design;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Service\Buildings;

/** @return WayVerdict of that way on the barn's house, with its barn in another building, in this one, or where nobody looked */
function onBarn(string $way, ?bool $otherBuilding): WayVerdict
{
    $barn = SixHouses::all()['a barn on three wires'];
    $panels = [$barn->service->panels[0], $barn->service->panels[1]->with(otherBuilding: $otherBuilding)];
    $job = $barn->with($barn->service->with(panels: $panels));

    return (Ways::standard()->find($way) ?? throw new LogicException("no way $way"))->verdict((new Design($job))->situation());
}

$moving = ['a transfer panel' => ['transfer_subpanel'], 'a manual switch' => ['manual_switch']];

it('moves no circuit of another building to a switch in this one, and says which stay dark', function (string $way) {
    $there = onBarn($way, true);
    $ids = array_map(fn ($c): string => $c->id, $there->powers);
    expect($ids)->toContain('h4')->not->toContain('b1')->not->toContain('b2')
        ->and(array_map(fn ($c): string => $c->id, $there->dead))->toContain('b1', 'b2')
        ->and(implode(' ', array_map(fn ($r): string => $r->short, $there->reasons)))->toContain('2 circuits in another building: dark');
})->with($moving);

it('moves them where the panel stands in the same building, and asks where nobody looked', function (string $way) {
    expect(array_map(fn ($c): string => $c->id, onBarn($way, false)->powers))->toContain('b1', 'b2');
    $open = onBarn($way, null);
    $asks = array_filter($open->reasons, fn ($r): bool => $r->possible === Possible::NotKnown && $r->short === 'look: another building?');
    expect($asks)->toHaveCount(1);
})->with($moving);

it('follows the feeders to where two panels part', function () {
    $panels = SixHouses::all()['a barn on three wires']->service->panels;
    $loft = $panels[1]->with(id: 'loft', fedFrom: 'barn', feederCircuit: '', otherBuilding: false);
    $buildings = new Buildings([...$panels, $loft]);
    expect($buildings->together($loft, $panels[1]))->toBeTrue()
        ->and($buildings->together($loft, $panels[0]))->toBeFalse()
        ->and($buildings->together($panels[0], $panels[0]))->toBeTrue()
        ->and((new Buildings([...$panels, $loft->with(otherBuilding: null)]))->together($loft->with(otherBuilding: null), $panels[1]))
        ->toBeNull();
});

it('does not take two main panels behind disconnects to stand together where nobody looked', function (?bool $barn, ?bool $together) {
    $house = new Panel('house', 'House', 40, fedFrom: 'd1', otherBuilding: false);
    $other = new Panel('barn', 'Barn', 20, fedFrom: 'd2', otherBuilding: $barn);
    $buildings = new Buildings([$house, $other]);
    expect($buildings->together($house, $other))->toBe($together)
        ->and([$buildings->asks($house), $buildings->asks($other)])->toBe([true, true]);
})->with([[null, null], [true, false], [false, true]]);

it('takes the first panel on the service to be where it comes in, and asks of each further one', function (?bool $barn, ?bool $together) {
    $house = new Panel('house', 'House', 40);
    $other = new Panel('barn', 'Barn', 20, otherBuilding: $barn);
    $buildings = new Buildings([$house, $other]);
    expect($buildings->together($house, $other))->toBe($together)
        ->and($buildings->together($other, $house))->toBe($together)
        ->and([$buildings->asks($house), $buildings->asks($other)])->toBe([false, true]);
})->with([[null, null], [true, false], [false, true]]);

it('asks nothing of a lone panel, behind a disconnect or not, and always of one that another panel feeds', function () {
    $house = new Panel('house', 'House', 40);
    $behind = $house->with(fedFrom: 'd1');
    $sub = new Panel('sub', 'Sub', 20, PanelKind::Sub, fedFrom: 'house');
    expect((new Buildings([$house]))->asks($house))->toBeFalse()
        ->and((new Buildings([$behind]))->asks($behind))->toBeFalse()
        ->and((new Buildings([$house, $sub]))->asks($sub))->toBeTrue()
        ->and((new Buildings([$house, $sub]))->asks($house))->toBeFalse()
        ->and((new Buildings([$sub, $house]))->asks($house))->toBeFalse();
});

it('does not part two panels that both left the building where they are fed: it may be for the same one', function () {
    $left = new Panel('left', 'Left', 40, fedFrom: 'd1', otherBuilding: true);
    $right = new Panel('right', 'Right', 40, fedFrom: 'd2', otherBuilding: true);
    expect((new Buildings([$left, $right]))->together($left, $right))->toBeNull();
});

<?php

declare(strict_types=1);

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Half;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\SpaceList;
use Underpin\Legs\Leg;
use Underpin\Refused;

it('alternates the legs down a column', function () {
    $onA = [1, 2, 5, 6, 9, 10, 41, 42];
    foreach (range(1, 10) as $space) {
        expect(Position::legOfSpace($space))->toBe(in_array($space, $onA, true) ? Leg::A : Leg::B);
    }
    expect(Position::legOfSpace(41))->toBe(Leg::A)
        ->and((new Position(3, 2))->leg())->toBe(Leg::AB)
        ->and((new Position(12, 1, Half::Upper))->leg())->toBe(Leg::B);
});

it('labels places as a panel does', function () {
    expect((new Position(5, 2))->label())->toBe('5–7')
        ->and((new Position(12, 1, Half::Lower))->label())->toBe('12b')
        ->and((new Position(9))->label())->toBe('9');
});

it('keeps the four poles of a quad apart, and each pair on both legs', function () {
    [$outer, $inner, $single] = [new Position(5, 2, Half::Upper), new Position(5, 2, Half::Lower), new Position(7, 1, Half::Upper)];
    expect([$outer->label(), $inner->label(), $outer->leg(), $inner->leg()])->toBe(['5a–7b', '5b–7a', Leg::AB, Leg::AB])
        ->and($outer->clashesWith($inner))->toBeFalse()
        ->and($inner->clashesWith($single))->toBeTrue()
        ->and($outer->clashesWith($single))->toBeFalse()
        ->and($outer->clashesWith(new Position(7)))->toBeTrue()
        ->and($outer->clashesWith(new Position(3, 2)))->toBeTrue()
        ->and($outer->clashesWith(new Position(1, 2)))->toBeFalse();
});

it('reads and writes the spaces that accept tandems', function (string $text, array $spaces, string $words) {
    expect(SpaceList::parse($text)->spaces)->toBe($spaces)->and(SpaceList::parse($text)->words())->toBe($words)
        ->and(SpaceList::parse(SpaceList::parse($text)->words())->spaces)->toBe($spaces);
})->with([
    ['17-20, 30', [17, 18, 19, 20, 30], '17–20, 30'], ['none', [], 'none'], ['', [], 'none'], [' 5 – 6 ; 2 ', [2, 5, 6], '2, 5–6'],
    ['4 4 4', [4], '4'], ['1 to 3', [1, 2, 3], '1–3'],
]);

it('moves a tandem only to spaces that accept one', function () {
    $half = Houses::circuit('2a', 1, Role::Off);
    $panel = new Panel('p', 'Panel', 8, circuits: [$half], tandemSpaces: SpaceList::parse('2, 6-8'));
    expect(array_map(fn ($s) => $s->label(), $panel->placesFor($half)))->toBe(['6a', '7a', '8a'])
        ->and($panel->accepts(new Position(4, 1, Half::Upper)))->toBeFalse()
        ->and($panel->accepts(new Position(4)))->toBeTrue();
});

it('finds every circuit that cannot sit where it is said to', function () {
    $panel = new Panel('p', 'Panel', 8, circuits: [
        Houses::circuit('1', 2, Role::Off), Houses::circuit('3', 1, Role::Off), Houses::circuit('2a', 1, Role::Off),
        Houses::circuit('2b', 1, Role::Off),
        Houses::circuit('2', 1, Role::Off), Houses::circuit('7', 2, Role::Off), Houses::circuit('8', 1, Role::Off),
    ]);
    expect(array_map(fn ($f) => $f->circuit, $panel->positionFaults()))->toBe([1, 4, 5])
        ->and($panel->positionFaults()[0]->message)->toContain('used twice')
        ->and($panel->positionFaults()[2]->message)->toContain('8 spaces');
});

it('knows its free spaces and what is in the way of an interlock', function () {
    $panel = new Panel('p', 'Panel', 8, circuits: [Houses::circuit('3', 2, Role::Off, name: 'Dryer'), Houses::circuit('2', 1, Role::Off)]);
    expect($panel->freeSpaces())->toBe([1, 4, 6, 7, 8])
        ->and(array_map(fn ($c) => $c->name, $panel->inTheWayOfInterlock()))->toBe(['Dryer']);
});

it('knows where a breaker could move to', function () {
    $dryer = Houses::circuit('3', 2, Role::Off);
    $panel = new Panel('p', 'Panel', 8, circuits: [$dryer, Houses::circuit('2', 1, Role::Off), Houses::circuit('8a', 1, Role::Off)]);
    // 1–3 and 5–7 overlap the place it leaves; 4–6 is free; 6–8 holds a tandem half.
    expect(array_map(fn ($s) => $s->label(), $panel->placesFor($dryer)))->toBe(['1–3', '4–6', '5–7'])
        ->and(array_map(fn ($s) => $s->label(), $panel->placesFor($panel->circuits[2])))->toBe(['1a', '4a', '6a', '7a']);
});

it('refuses nonsense by field', function (callable $make, string $field) {
    expect($make)->toThrow(fn (Refused $refused) => expect($refused->field)->toBe($field));
})->with([
    'space 0' => [fn () => new Position(0), 'space'],
    'three poles' => [fn () => new Position(1, 3), 'poles'],
    'tiny feeder' => [fn () => new Panel('p', 'P', 42, feederAmps: 5), 'feeder_a'],
    'a space that is none' => [fn () => SpaceList::parse('4, x'), 'tandem_spaces'],
    'spaces backwards' => [fn () => SpaceList::parse('9-4'), 'tandem_spaces'],
    'spaces off the end' => [fn () => SpaceList::parse('80-99'), 'tandem_spaces'],
    'cycle times of a load that does not cycle' => [fn () => new Load('l', 'pump', onS: 60), 'on_s'],
    'seven disconnects' => [
        fn () => new Service(DisconnectPlace::Cabinet, array_map(fn (int $i) => new Disconnect("d$i", "D$i", 100), range(1, 7))),
        'disconnects',
    ],
    'two disconnects at a meter' => [
        fn () => new Service(DisconnectPlace::Meter, [new Disconnect('a', 'A', 100), new Disconnect('b', 'B', 100)]), 'place',
    ],
    'odd spaces' => [fn () => new Panel('p', 'P', 41), 'spaces'],
    'tiny main' => [fn () => new Panel('p', 'P', 42, mainAmps: 5), 'main_a'],
    'breaker of 0 A' => [fn () => Houses::circuit('1', 1, Role::Off, amps: 0), 'amps'],
    'start below run' => [fn () => new Load('l', 'pump', runW: 100, startW: 99), 'start_w'],
    'start without run is fine, below 0 is not' => [fn () => new Load('l', 'pump', startW: -1), 'start_w'],
    'no name' => [fn () => new Load('l', ''), 'name'],
]);

it('starts everything on a circuit together', function () {
    $circuit = Houses::circuit('5', 2, Role::Must, 2400, 9600, pf: 0.8);
    expect($circuit->runAmps())->toEqualWithDelta(12.5, 1e-9)->and($circuit->startAmps())->toEqualWithDelta(50.0, 1e-9);
});

it('knows what a breaker protects against beyond overcurrent', function (
    Protection $protection, bool $afci, bool $gfci, string $mark, string $short,
) {
    expect(
        [$protection->hasAfci(), $protection->hasGfci(), $protection->mark(), $protection->short()]
    )->toBe([$afci, $gfci, $mark, $short]);
})->with([
    [Protection::None, false, false, '', ''], [Protection::Afci, true, false, 'AFCI', 'AFCI'],
    [Protection::Gfci, false, true, 'GFCI', 'GFCI'], [Protection::Dual, true, true, 'AFCI+GFCI', 'DUAL'],
]);

it('names the panel of a breaker where there are several, and only there', function () {
    $panel = fn (string $name): Panel => new Panel(
        $name, "$name panel", 8, circuits: [Changed::of(Houses::circuit('2', 1, Role::Must, 100, name: 'Sump'), id: "$name-2")],
    );
    $one = Houses::job('x', panels: [$panel('East')]);
    $two = Houses::job('x', panels: [$panel('East'), $panel('West')]);
    $titles = fn (Job $job): array => array_map(fn (Circuit $c): string => $c->title(), $job->circuits());
    expect($titles($one))->toBe(['2 Sump'])->and($titles($two))->toBe(['2 Sump (East panel)', '2 Sump (West panel)']);
    $renamed = $two->with($two->service->withPanel($two->service->panels[0]->with(name: 'Barn')));
    $alone = $renamed->with($renamed->service->with(panels: [$renamed->service->panels[0]]));
    expect($titles($renamed)[0])->toBe('2 Sump (Barn)')->and($titles($alone))->toBe(['2 Sump'])
        ->and(Houses::verdict($two, 'cords')->reasons[1]->text)->toContain('2 Sump (East panel) and 2 Sump (West panel)');
});

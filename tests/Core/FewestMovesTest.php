<?php

declare(strict_types=1);

namespace Tests\Core\FewestMovesTest;

use Underpin\Job\Position;
use Underpin\Service\Moves\FewestMoves;
use Underpin\Service\Moves\MovePlan;
use Underpin\Service\Moves\PanelRoom;
use Underpin\Service\Moves\SeatedBreaker;
use Underpin\Service\Moves\SeatKind;

use function Tests\calc;
use function Tests\faultOf;

/** Every sequence of moves, each breaker once, up to four: nothing of the search is used. */
final class EverySequence
{
    private const MOST = 4;

    /** @var ?array{int, int, int} moves, new tandems, leg changes */
    public ?array $best = null;

    /** @var array<string, SeatedBreaker> */
    private array $breakers = [];

    public function __construct(private readonly PanelRoom $room)
    {
        $sits = array_fill(1, $room->spaces, []);
        foreach ($room->breakers as $breaker) {
            $this->breakers[$breaker->id] = $breaker;
            foreach ($breaker->spaces() as $space) {
                $sits[$space][] = $breaker->id;
            }
        }
        $this->go($sits, [], [0, 0, 0]);
    }

    private function go(array $sits, array $moved, array $cost): void
    {
        if ($sits[$this->room->needs[0]] === [] && $sits[$this->room->needs[1]] === []) {
            $this->best = $this->best === null ? $cost : min($this->best, $cost);

            return;
        }
        if ($cost[0] === self::MOST || ($this->best !== null && [$cost[0] + 1, 0, 0] > $this->best)) {
            return;
        }
        foreach ($this->breakers as $id => $breaker) {
            $without = $sits;
            foreach ($breaker->spaces() as $space) {
                $without[$space] = array_values(array_diff($without[$space], [$id]));
            }
            $makesTandem = array_filter($breaker->spaces(), fn (int $space): bool => $without[$space] !== []) !== [];
            foreach (isset($moved[$id]) || $makesTandem ? [] : range(1, $this->room->spaces) as $space) {
                $this->to($breaker, $space, $without, $moved, $cost);
            }
        }
    }

    private function to(SeatedBreaker $breaker, int $space, array $sits, array $moved, array $cost): void
    {
        $spaces = $breaker->poles === 2 ? [$space, $space + 2] : [$space];
        $off = $space === $breaker->space || max($spaces) > $this->room->spaces || array_intersect($spaces, $this->room->needs) !== [];
        if ($off || ($breaker->tandem && ! $this->room->acceptsTandem($space))) {
            return;
        }
        $there = array_merge(...array_map(fn (int $s): array => $sits[$s], $spaces));
        $joins = count($there) === 1 && $breaker->kind() === SeatKind::OnePole && $this->room->acceptsTandem($space)
            && $this->breakers[$there[0]]->kind() === SeatKind::OnePole;
        if ($there !== [] && ! $joins) {
            return;
        }
        foreach ($spaces as $each) {
            $sits[$each][] = $breaker->id;
        }
        $leg = $breaker->poles === 1 && Position::legOfSpace($space) !== $breaker->leg();
        $this->go($sits, $moved + [$breaker->id => true], [$cost[0] + 1, $cost[1] + ($joins ? 1 : 0), $cost[2] + ($leg ? 1 : 0)]);
    }
}

function someRoom(): PanelRoom
{
    $spaces = 2 * mt_rand(3, 5);
    $breakers = $taken = [];
    $full = mt_rand(60, 100);
    for ($space = 1; $space <= $spaces; $space++) {
        if (isset($taken[$space]) || mt_rand(0, 99) >= $full) {
            continue;
        }
        $two = mt_rand(0, 2) === 0 && $space + 2 <= $spaces && ! isset($taken[$space + 2]);
        $breakers[] = $breaker = new SeatedBreaker("b$space", $space, $two ? 2 : 1, ! $two && mt_rand(0, 5) === 0);
        $taken += array_fill_keys($breaker->spaces(), true);
    }
    $upper = mt_rand(1, $spaces - 2);

    return new PanelRoom(
        $spaces, $breakers, [$upper, $upper + 2], array_values(array_filter(range(1, $spaces), fn (): bool => mt_rand(0, 3) === 0)),
    );
}

/** Does the plan work when somebody carries it out, one move after the other? */
function carriedOut(PanelRoom $room, MovePlan $plan): bool
{
    $sits = array_fill(1, $room->spaces, []);
    foreach ($room->breakers as $breaker) {
        foreach ($breaker->spaces() as $space) {
            $sits[$space][] = $breaker->id;
        }
    }
    foreach ($plan->moves as $move) {
        $sits = array_map(fn (array $ids): array => array_values(array_diff($ids, [$move->breaker->id])), $sits);
        foreach ($move->to->spaces() as $space) {
            $new = in_array($move->breaker->id, $plan->tandems()[$space] ?? [], true);
            if (count($sits[$space]) > ($new ? 1 : 0)) {
                return false;
            }
            $sits[$space][] = $move->breaker->id;
        }
    }

    return $sits[$room->needs[0]] === [] && $sits[$room->needs[1]] === [];
}

it('moves no more than the best of all sequences, and each place is free at its turn', function (int $seed) {
    mt_srand($seed);
    for ($i = 0; $i < 40; $i++) {
        $room = someRoom();
        $plan = FewestMoves::of($room);
        $best = (new EverySequence($room))->best;
        $found = $plan->isPossible() ? [count($plan->moves), count($plan->tandems()), $plan->legChanges()] : null;
        expect($found !== null && $found[0] > 4 ? null : $found)->toBe($best);
        expect($plan->isPossible() ? carriedOut($room, $plan) : true)->toBeTrue();
    }
})->with(range(1, 12));

it('leaves a panel alone in which the two spaces are free', function () {
    expect(calc('interlock-moves', ['spaces' => 8, 'needs' => [1, 3], 'breakers' => [['id' => 'a', 'space' => 2, 'poles' => 1]]]))
        ->toBe(['possible' => true, 'moves' => [], 'tandems' => [], 'moves_count' => 0, 'tandems_count' => 0]);
});

it('frees the space below a lonely free one for a two-pole breaker', function () {
    // 5 is free alone, and 10: the one-pole in 7 goes to 10, onto the other leg, and the two-pole to 5 and 7
    $result = calc('interlock-moves', ['spaces' => 10, 'needs' => [1, 3], 'breakers' => [
        ['id' => 'pump', 'space' => 1, 'poles' => 2], ['id' => 'x', 'space' => 7, 'poles' => 1],
        ['id' => 'w', 'space' => 9, 'poles' => 1], ['id' => 'y', 'space' => 2, 'poles' => 2], ['id' => 'z', 'space' => 6, 'poles' => 2],
    ]]);
    expect($result['moves'])->toBe([
        ['id' => 'x', 'from' => 7, 'to' => 10, 'leg_changed' => true], ['id' => 'pump', 'from' => 1, 'to' => 5, 'leg_changed' => false],
    ]);
});

it('makes a tandem only where the panel accepts one, and counts it', function () {
    $panel = ['spaces' => 6, 'needs' => [1, 3], 'breakers' => [
        ['id' => 'a', 'space' => 1, 'poles' => 1], ['id' => 'b', 'space' => 2, 'poles' => 1], ['id' => 'c', 'space' => 4, 'poles' => 1],
        ['id' => 'd', 'space' => 5, 'poles' => 1], ['id' => 'e', 'space' => 6, 'poles' => 1],
    ]];
    $none = calc('interlock-moves', $panel);
    expect($none['possible'])->toBeFalse()->and($none['reason'])->toContain('spaces 1 and 3')->toContain('tandem');
    $one = calc('interlock-moves', [...$panel, 'tandem_spaces' => [2, 4]]);
    expect($one['moves'])->toBe([['id' => 'a', 'from' => 1, 'to' => 2, 'leg_changed' => false]])
        ->and($one['tandems'])->toBe([['space' => 2, 'ids' => ['b', 'a']]])
        ->and($one['tandems_count'])->toBe(1);
});

it('refuses what no panel is', function (array $change, string $field) {
    $panel = ['spaces' => 8, 'needs' => [1, 3], 'breakers' => [['id' => 'a', 'space' => 1, 'poles' => 2]]];
    expect(faultOf('interlock-moves', [...$panel, ...$change]))->toBe($field);
})->with([
    'odd spaces' => [['spaces' => 7], 'spaces'],
    'needs apart' => [['needs' => [1, 5]], 'needs'],
    'needs across' => [['needs' => [1, 2]], 'needs'],
    'needs off the end' => [['needs' => [7, 9]], 'needs'],
    'one need' => [['needs' => [1]], 'needs'],
    'half a space' => [['needs' => [1, 3.5]], 'needs.1'],
    'off the end' => [['breakers' => [['id' => 'a', 'space' => 7, 'poles' => 2]]], 'breakers.0.space'],
    'on each other' => [
        ['breakers' => [['id' => 'a', 'space' => 1, 'poles' => 2], ['id' => 'b', 'space' => 3, 'poles' => 1]]], 'breakers.1.space',
    ],
    'two-pole tandem' => [['breakers' => [['id' => 'a', 'space' => 1, 'poles' => 2, 'tandem' => true]]], 'breakers.0.tandem'],
    'three poles' => [['breakers' => [['id' => 'a', 'space' => 1, 'poles' => 3]]], 'breakers.0.poles'],
    'tandem space off the end' => [['tandem_spaces' => [2, 9]], 'tandem_spaces.1'],
]);

it('is quick in a full panel of 42 spaces', function () {
    mt_srand(7);
    $breakers = $taken = [];
    for ($space = 1; $space <= 42; $space++) {
        $two = ! isset($taken[$space]) && mt_rand(0, 3) === 0 && $space + 2 <= 42 && ! isset($taken[$space + 2]);
        if (! isset($taken[$space])) {
            $breakers[] = $breaker = new SeatedBreaker("b$space", $space, $two ? 2 : 1);
            $taken += array_fill_keys($breaker->spaces(), true);
        }
    }
    $before = hrtime(true);
    expect(FewestMoves::of(new PanelRoom(42, $breakers, [1, 3], [22, 24, 37, 39]))->isPossible())->toBeTrue();
    expect((hrtime(true) - $before) / 1e9)->toBeLessThan(1.0);
});

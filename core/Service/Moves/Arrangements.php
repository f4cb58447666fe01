<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Legs\Leg;

/**
 * Every way to seat the breakers of a panel that leaves the needed spaces free, by what it costs at least. For each point of
 * the walk the least number of leg changes from there on is worked out once, so that no path is followed that cannot end.
 * A path says which breakers leave and which seats are filled, not yet who takes which seat, nor in which order.
 */
final class Arrangements
{
    private const NONE = 1_000;

    private Walk $walk;

    /** @var array<int, int> least leg changes by point of the walk */
    private array $least = [];

    /** @var array<int, bool> whether so many moves can end it, by point of the walk, with legs and tandems left aside */
    private array $ends = [];

    /** @var array<int, list<array{Step, list<int>}>> the steps of a point of the walk with what each adds to the counts */
    private array $steps = [];

    public function __construct(PanelRoom $room)
    {
        $this->walk = new Walk($room);
    }

    /**
     * @param  int  $moves  exactly so many
     * @param  int  $tandems  exactly so many new ones
     * @return iterable<array{list<SeatedBreaker>, list<Seat>}> who leaves and what is filled, at least $legChanges of them
     */
    public function of(int $moves, int $tandems, int $legChanges): iterable
    {
        return $this->paths(0, 0, [0, 0, 0, 0, 0, $moves, $tandems], $legChanges, [], []);
    }

    /** @return ?int the least leg changes that so many moves and new tandems cost; null: none do it */
    public function leastLegChanges(int $moves, int $tandems): ?int
    {
        $least = $this->least(0, 0, [0, 0, 0, 0, 0, $moves, $tandems]);

        return $least === self::NONE ? null : $least;
    }

    /**
     * @param  list<int>  $counts
     * @param  list<SeatedBreaker>  $lifted
     * @param  list<Seat>  $seats
     * @return iterable<array{list<SeatedBreaker>, list<Seat>}>
     */
    private function paths(int $at, int $carry, array $counts, int $legChanges, array $lifted, array $seats): iterable
    {
        if ($this->least($at, $carry, $counts) > $legChanges) {
            return;
        }
        if ($at === $this->walk->length()) {
            yield from $this->least($at, $carry, $counts) === $legChanges ? [[$lifted, $seats]] : [];

            return;
        }
        foreach ($this->stepsAt($at, $carry) as [$step, $adds]) {
            $left = $step->lifted === null ? $lifted : [...$lifted, $step->lifted];
            yield from $this->paths($step->next, $step->carry, self::sum($counts, $adds), $legChanges, $left, [...$seats, ...$step->seats]);
        }
    }

    /** @param  list<int>  $counts  left less come of one-poles, those on A, two-poles, tandems, those on A; moves and new tandems left */
    private function least(int $at, int $carry, array $counts): int
    {
        [$onePoles, $onePolesA, $twoPoles, $tandems, $tandemsA, $moves, $new] = $counts;
        if ($new < 0 || ! $this->canEnd($at, $carry, $onePoles, $twoPoles, $tandems, $moves)) {
            return self::NONE;
        }
        if ($at === $this->walk->length()) {
            return $new === 0 ? abs($onePolesA) + abs($tandemsA) : self::NONE;
        }
        $point = $at << 2 | $carry;
        foreach ($counts as $count) {
            $point = $point << 6 | ($count + 32);
        }

        return $this->least[$point] ??= $this->leastOfSteps($at, $carry, $counts);
    }

    /** @param  list<int>  $counts */
    private function leastOfSteps(int $at, int $carry, array $counts): int
    {
        $least = self::NONE;
        foreach ($this->stepsAt($at, $carry) as [$step, $adds]) {
            $least = min($least, $this->least($step->next, $step->carry, self::sum($counts, $adds)));
        }

        return $least;
    }

    private function canEnd(int $at, int $carry, int $onePoles, int $twoPoles, int $tandems, int $moves): bool
    {
        if ($moves < 0 || max(0, -$onePoles) + max(0, -$twoPoles) + max(0, -$tandems) > $moves) {
            return false;
        }
        if ($at === $this->walk->length()) {
            return $onePoles === 0 && $twoPoles === 0 && $tandems === 0 && $moves === 0;
        }
        $point = (((($at << 2 | $carry) << 6 | $onePoles + 32) << 6 | $twoPoles + 32) << 6 | $tandems + 32) << 6 | $moves;
        if (! isset($this->ends[$point])) {
            $this->ends[$point] = false;
            foreach ($this->stepsAt($at, $carry) as [$step, $adds]) {
                if ($this->canEnd(
                    $step->next, $step->carry, $onePoles + $adds[0], $twoPoles + $adds[2], $tandems + $adds[3], $moves + $adds[5],
                )) {
                    $this->ends[$point] = true;
                    break;
                }
            }
        }

        return $this->ends[$point];
    }

    /** @return list<array{Step, list<int>}> */
    private function stepsAt(int $at, int $carry): array
    {
        return $this->steps[$at << 2 | $carry] ??= array_map(fn (Step $step): array => [$step, [
            $step->net(SeatKind::OnePole), $step->net(SeatKind::OnePole, Leg::A), $step->net(SeatKind::TwoPole),
            $step->net(SeatKind::Tandem), $step->net(SeatKind::Tandem, Leg::A), $step->lifted === null ? 0 : -1, -$step->tandems,
        ]], $this->walk->steps($at, $carry));
    }

    /**
     * @param  list<int>  $counts
     * @param  list<int>  $adds
     * @return list<int>
     */
    private static function sum(array $counts, array $adds): array
    {
        $sum = [];
        foreach ($counts as $i => $count) {
            $sum[] = $count + $adds[$i];
        }

        return $sum;
    }
}

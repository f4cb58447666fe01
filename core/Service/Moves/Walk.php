<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

/**
 * What can be done with each space of a panel on a walk down one column and then the other. Left out is only what a
 * plan with fewer moves does as well: a breaker that leaves a space for another of its own kind, or for nothing.
 */
final class Walk
{
    /** A two-pole breaker that comes has its upper half in the space before. */
    private const LOWER_HALF = 1;

    /** The two-pole breaker that sat here and in the space before has left. */
    private const LIFTED = 2;

    /** @var list<int> */
    private array $order;

    /** @var array<int, list<Step>> by place in the walk and carry */
    private array $steps = [];

    public function __construct(private readonly PanelRoom $room)
    {
        $this->order = [...range(1, $room->spaces, 2), ...range(2, $room->spaces, 2)];
    }

    public function length(): int
    {
        return count($this->order);
    }

    /** @return list<Step> */
    public function steps(int $at, int $carry): array
    {
        return $this->steps[$at << 2 | $carry] ??= array_values([...$this->find($at, $carry)]);
    }

    /** @return iterable<Step> */
    private function find(int $at, int $carry): iterable
    {
        $space = $this->order[$at];
        $sitting = ($carry & self::LIFTED) !== 0 ? null : $this->room->occupant($space);
        $isUpper = $sitting?->kind() === SeatKind::TwoPole;
        $below = $isUpper ? self::LIFTED : 0;
        if ($this->room->isNeeded($space)) {
            yield from ($carry & self::LOWER_HALF) !== 0 ? [] : [new Step($at + 1, $below, $sitting)];

            return;
        }
        if (($carry & self::LOWER_HALF) !== 0) {
            yield new Step($at + 1, $below, $sitting);

            return;
        }
        yield from $this->staying($at, $space, $sitting);
        yield from $this->filled($at, $space, $sitting, $below);
        if ($this->hasBelow($space) && ! $isUpper) {
            yield new Step($at + 1, self::LOWER_HALF, $sitting, [new Seat(SeatKind::TwoPole, $space)]);
        }
    }

    /** @return iterable<Step> what sits here stays, or nothing sits here and nothing comes */
    private function staying(int $at, int $space, ?SeatedBreaker $sitting): iterable
    {
        if ($sitting?->kind() !== SeatKind::TwoPole) {
            yield new Step($at + 1, 0);
        } elseif (! $this->room->isNeeded($space + 2)) {
            yield new Step($at + 2, 0);
        }
        if ($sitting?->kind() === SeatKind::OnePole && $this->room->acceptsTandem($space)) {
            yield new Step($at + 1, 0, null, [new Seat(SeatKind::OnePole, $space, $sitting->id)], 1);
        }
    }

    /** @return iterable<Step> something comes into this one space, or a two-pole breaker leaves it empty */
    private function filled(int $at, int $space, ?SeatedBreaker $sitting, int $below): iterable
    {
        $accepts = $this->room->acceptsTandem($space);
        $kind = $sitting?->kind();
        if ($kind === SeatKind::Tandem) {
            return;
        }
        if ($accepts) {
            yield new Step($at + 1, $below, $sitting, [new Seat(SeatKind::Tandem, $space)]);
        }
        if ($kind === SeatKind::OnePole) {
            return;
        }
        yield new Step($at + 1, $below, $sitting, [new Seat(SeatKind::OnePole, $space)]);
        if ($accepts) {
            yield new Step($at + 1, $below, $sitting, [new Seat(SeatKind::OnePole, $space), new Seat(SeatKind::OnePole, $space)], 1);
        }
        if ($kind === SeatKind::TwoPole) {
            yield new Step($at + 1, $below, $sitting);
        }
    }

    private function hasBelow(int $space): bool
    {
        return $space + 2 <= $this->room->spaces && ! $this->room->isNeeded($space + 2);
    }
}

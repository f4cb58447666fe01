<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

/**
 * Who takes which seat, and in which order, so that each seat is free at its turn and as few as possible change their leg.
 * Every order is tried; one that has moved and filled the same at no less cost is not tried again.
 */
final class SeatOrder
{
    private int $best;

    /** @var ?list<Move> */
    private ?array $moves = null;

    /** @var array<string, int> least leg changes by who has moved and what is filled */
    private array $seen = [];

    /**
     * @param  list<SeatedBreaker>  $lifted
     * @param  list<Seat>  $seats  as many
     */
    private function __construct(private readonly array $lifted, private readonly array $seats, int $under)
    {
        $this->best = $under;
        $this->go(0, 0, 0, []);
    }

    /**
     * @param  list<SeatedBreaker>  $lifted
     * @param  list<Seat>  $seats  as many
     * @param  int  $under  only what changes fewer legs than that
     * @return ?list<Move> null: there is no such order
     */
    public static function of(array $lifted, array $seats, int $under): ?array
    {
        return (new self($lifted, $seats, $under))->moves;
    }

    /** @param  list<Move>  $moves */
    private function go(int $moved, int $filled, int $changes, array $moves): void
    {
        if ($changes >= $this->best || $changes >= ($this->seen["$moved $filled"] ?? PHP_INT_MAX)) {
            return;
        }
        $this->seen["$moved $filled"] = $changes;
        if (count($moves) === count($this->lifted)) {
            $this->best = $changes;
            $this->moves = $moves;

            return;
        }
        foreach ($this->lifted as $i => $breaker) {
            foreach (($moved >> $i & 1) === 1 ? [] : $this->seats as $j => $seat) {
                if (($filled >> $j & 1) === 0 && $seat->kind === $breaker->kind() && $this->isFree($seat, $moved | 1 << $i)) {
                    $move = new Move($breaker, $seat);
                    $this->go($moved | 1 << $i, $filled | 1 << $j, $changes + ($move->changesLeg() ? 1 : 0), [...$moves, $move]);
                }
            }
        }
    }

    /** Whoever sat there has left, or leaves for it. */
    private function isFree(Seat $seat, int $moved): bool
    {
        foreach ($this->lifted as $i => $breaker) {
            if (($moved >> $i & 1) === 0 && array_intersect($breaker->spaces(), $seat->spaces()) !== []) {
                return false;
            }
        }

        return true;
    }
}

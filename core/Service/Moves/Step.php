<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Legs\Leg;

/** What is done with one space, or with the two of a two-pole breaker that stays. */
final readonly class Step
{
    /**
     * @param  int  $next  place in the walk of the space that comes after
     * @param  int  $carry  what that space already knows: bits of Walk
     * @param  ?SeatedBreaker  $lifted  the breaker that leaves
     * @param  list<Seat>  $seats  for breakers that come
     * @param  int  $tandems  new ones
     */
    public function __construct(
        public int $next, public int $carry, public ?SeatedBreaker $lifted = null, public array $seats = [], public int $tandems = 0,
    ) {
    }

    /** This kind of breaker: those that leave less those that come. */
    public function net(SeatKind $kind, ?Leg $leg = null): int
    {
        $counts = fn (SeatKind $of, Leg $on): bool => $of === $kind && ($leg === null || $on === $leg);
        $come = count(array_filter($this->seats, fn (Seat $s): bool => $counts($s->kind, $s->leg())));

        return ($this->lifted !== null && $counts($this->lifted->kind(), $this->lifted->leg()) ? 1 : 0) - $come;
    }
}

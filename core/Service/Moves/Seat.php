<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Job\Position;
use Underpin\Legs\Leg;

/** A place that a moved breaker goes to. */
final readonly class Seat
{
    /** @param  ?string  $beside  id of the breaker that stays and makes a tandem with it; null: alone, or beside one that moves too */
    public function __construct(public SeatKind $kind, public int $space, public ?string $beside = null)
    {
    }

    /** @return non-empty-list<int> */
    public function spaces(): array
    {
        return $this->kind === SeatKind::TwoPole ? [$this->space, $this->space + 2] : [$this->space];
    }

    /** It hangs its breaker on another leg. */
    public function changesLegOf(SeatedBreaker $breaker): bool
    {
        return $this->kind !== SeatKind::TwoPole && $this->leg() !== $breaker->leg();
    }

    public function leg(): Leg
    {
        return Position::legOfSpace($this->space);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

/** One breaker that goes to another place. */
final readonly class Move
{
    public function __construct(public SeatedBreaker $breaker, public Seat $to)
    {
    }

    public function changesLeg(): bool
    {
        return $this->to->changesLegOf($this->breaker);
    }
}

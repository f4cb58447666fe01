<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Job\Position;
use Underpin\Legs\Leg;
use Underpin\Refused;

/** A breaker as one piece of hardware, where it sits. */
final readonly class SeatedBreaker
{
    /**
     * @param  int  $space  the upper one
     * @param  int  $poles  1, or 2: that takes the space below in the same column too
     * @param  bool  $tandem  two circuits in one space
     */
    public function __construct(public string $id, public int $space, public int $poles = 1, public bool $tandem = false)
    {
        if ($tandem && $poles !== 1) {
            throw new Refused('tandem', 'tandem must be false for a two-pole breaker: a tandem is one-pole, two circuits in one space.');
        }
    }

    /** @return non-empty-list<int> */
    public function spaces(): array
    {
        return $this->poles === 2 ? [$this->space, $this->space + 2] : [$this->space];
    }

    public function kind(): SeatKind
    {
        return $this->poles === 2 ? SeatKind::TwoPole : ($this->tandem ? SeatKind::Tandem : SeatKind::OnePole);
    }

    public function leg(): Leg
    {
        return Position::legOfSpace($this->space);
    }
}

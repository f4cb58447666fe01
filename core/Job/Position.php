<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\CircuitPart;
use Underpin\Legs\Leg;

/**
 * Where a breaker sits: its upper space, its poles, and the half when it is part of a tandem or
 * a quad. A quad fills two spaces, one above the other, with four poles: its outer pair is 5a and
 * 7b, its inner pair 5b and 7a; either pair may also be two single poles.
 * Odd spaces run down the left column, even spaces down the right. The legs alternate down a
 * column: spaces 1, 2, 5, 6, 9, 10 … hang on leg A, spaces 3, 4, 7, 8 … on leg B.
 */
final readonly class Position
{
    public const HIGHEST_SPACE = 84;

    public function __construct(public int $space, public int $poles = 1, public ?Half $half = null)
    {
        CircuitPart::form()->guard(['space' => $space, 'poles' => $poles]);
    }

    public static function legOfSpace(int $space): Leg
    {
        return intdiv($space + 1, 2) % 2 === 1 ? Leg::A : Leg::B;
    }

    public function leg(): Leg
    {
        return $this->poles === 2 ? Leg::AB : self::legOfSpace($this->space);
    }

    /** @return non-empty-list<int> */
    public function spaces(): array
    {
        return $this->poles === 2 ? [$this->space, $this->space + 2] : [$this->space];
    }

    /** As a panel label says it: "5–7", "12a", "9"; the pairs of a quad are "5a–7b" and "5b–7a". */
    public function label(): string
    {
        $upper = $this->space.($this->half->value ?? '');

        return $this->poles === 2 ? "{$upper}–".($this->space + 2).($this->half?->other()->value ?? '') : $upper;
    }

    /** Two different halves of one space get along; a whole space and anything else in it do not. */
    public function clashesWith(self $other): bool
    {
        return array_intersect($this->halves(), $other->halves()) !== [];
    }

    /** @return non-empty-list<string> the halves of spaces that it fills: "5a", "5b" */
    public function halves(): array
    {
        $lower = $this->space + 2;

        return match (true) {
            $this->half === null && $this->poles === 1 => ["{$this->space}a", "{$this->space}b"],
            $this->half === null => ["{$this->space}a", "{$this->space}b", "{$lower}a", "{$lower}b"],
            $this->poles === 1 => [$this->space.$this->half->value],
            default => [$this->space.$this->half->value, $lower.$this->half->other()->value],
        };
    }
}

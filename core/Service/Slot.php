<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Refused;

/**
 * Where a breaker sits: its upper space, its poles, and the half when it is part of a tandem.
 * Odd spaces run down the left column, even spaces down the right. The legs alternate down a
 * column: spaces 1, 2, 5, 6, 9, 10 … hang on leg A, spaces 3, 4, 7, 8 … on leg B.
 */
final readonly class Slot
{
    public const HIGHEST_SPACE = 84;

    public function __construct(public int $space, public int $poles = 1, public ?Half $half = null)
    {
        if ($space < 1 || $space > self::HIGHEST_SPACE) {
            throw new Refused('space', sprintf('space must be from 1 to %d.', self::HIGHEST_SPACE));
        }
        if ($poles !== 1 && $poles !== 2) {
            throw new Refused('poles', 'poles must be 1 or 2.');
        }
        if ($half !== null && $poles === 2) {
            throw new Refused('poles', 'poles must be 1 for half of a tandem.');
        }
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

    /** As a panel label says it: "5–7", "12a", "9". */
    public function label(): string
    {
        return $this->poles === 2 ? $this->space.'–'.($this->space + 2) : $this->space.($this->half->value ?? '');
    }

    /** The spaces this and another slot would both fill; two different halves of one space get along. */
    public function clashesWith(self $other): bool
    {
        if (array_intersect($this->spaces(), $other->spaces()) === []) {
            return false;
        }

        return $this->half === null || $other->half === null || $this->half === $other->half;
    }
}

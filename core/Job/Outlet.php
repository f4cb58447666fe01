<?php

declare(strict_types=1);

namespace Underpin\Job;

/**
 * An outlet of a generator by its NEMA WD 6 designation, or its own terminals. "L" is locking,
 * the first number is the family (5: 120 V, 14: 120/240 V with neutral), the second the
 * amperes, "R" receptacle.
 */
enum Outlet: string
{
    case Straight20 = '5-20R';
    case Travel30 = 'TT-30R';
    case Locking30At120 = 'L5-30R';
    case Locking20 = 'L14-20R';
    case Locking30 = 'L14-30R';
    case Straight50 = '14-50R';
    case Terminals = 'terminals';

    /** @return list<self> those that take a plug */
    public static function plugged(): array
    {
        return [self::Straight20, self::Travel30, self::Locking30At120, self::Locking20, self::Locking30, self::Straight50];
    }

    public function amps(): ?int
    {
        return match ($this) {
            self::Straight20, self::Locking20 => 20,
            self::Travel30, self::Locking30At120, self::Locking30 => 30,
            self::Straight50 => 50,
            self::Terminals => null,
        };
    }

    /** 240 when it has both hots and a neutral; null for terminals, which take the machine's own. */
    public function volts(): ?int
    {
        return match ($this) {
            self::Straight20, self::Travel30, self::Locking30At120 => 120,
            self::Locking20, self::Locking30, self::Straight50 => 240,
            self::Terminals => null,
        };
    }

    /** What goes into it: the same designation with P for plug. */
    public function plug(): string
    {
        return $this === self::Terminals ? 'terminals' : substr($this->value, 0, -1).'P';
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What a breaker does beyond overcurrent: arc-fault, ground-fault, or both. */
enum Protection: string
{
    case None = 'none';
    case Afci = 'afci';
    case Gfci = 'gfci';
    case Dual = 'dual';

    public function words(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Afci => 'AFCI',
            self::Gfci => 'GFCI',
            self::Dual => 'AFCI and GFCI',
        };
    }

    /** As printed on a breaker and in a schedule; empty for a plain breaker. */
    public function mark(): string
    {
        return match ($this) {
            self::None => '',
            self::Afci => 'AFCI',
            self::Gfci => 'GFCI',
            self::Dual => 'AFCI+GFCI',
        };
    }

    /** As short as it can be read on a breaker's face. */
    public function short(): string
    {
        return $this === self::Dual ? 'DUAL' : $this->mark();
    }

    public function hasAfci(): bool
    {
        return $this === self::Afci || $this === self::Dual;
    }

    public function hasGfci(): bool
    {
        return $this === self::Gfci || $this === self::Dual;
    }
}

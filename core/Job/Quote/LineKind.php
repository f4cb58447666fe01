<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

/** What a line of an estimate is for. */
enum LineKind: string
{
    case Part = 'part';
    case Machine = 'machine';
    case Work = 'work';
    case Fee = 'fee';
    case Extra = 'extra';

    /** Heading over lines of the kind. */
    public function words(): string
    {
        return match ($this) {
            self::Part => 'Parts',
            self::Machine => 'Generator',
            self::Work => 'Work',
            self::Fee => 'Permit, travel and other fees',
            self::Extra => 'Besides',
        };
    }

    /** It is something that is bought, for the margin and for a tax on parts. */
    public function isBought(): bool
    {
        return $this === self::Part || $this === self::Machine;
    }
}

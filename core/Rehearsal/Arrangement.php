<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Connection\Situation;
use Underpin\Connection\Way;

/** What the person throws to change a house over. */
enum Arrangement: string
{
    /** main and generator breaker of one panel, with a plate between them */
    case Plate = 'plate';

    /** one lever for everything behind it: utility, off, generator */
    case Lever = 'lever';

    /** a switch with a handle for each circuit */
    case Places = 'places';

    /** it changes over by itself */
    case Automatic = 'automatic';

    /** extension cords from the machine to the appliances */
    case Cords = 'cords';

    public static function of(Way $way, Situation $situation): self
    {
        return match (true) {
            ! $way->isWired() => self::Cords,
            $way->transfersByItself() => self::Automatic,
            $way->platedPanel($situation) !== null => self::Plate,
            $way->layout($situation)?->isPanel === false => self::Places,
            default => self::Lever,
        };
    }
}

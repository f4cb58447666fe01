<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

/** What a breaker needs of a place. */
enum SeatKind
{
    case OnePole;
    case Tandem;
    case TwoPole;
}

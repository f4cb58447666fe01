<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** How two sources meet at one point. */
enum TransferKind
{
    /** a main and a generator breaker in one panel, of which one can be on */
    case Plate;

    /** a switch ahead of a panel */
    case Switch;

    /** a switch, or a panel of its own, that chosen circuits were moved to */
    case Circuits;
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

/** What a way of connecting may leave to the electrician to choose. */
enum WayChoice
{
    case Panel;
    case Circuit;
    case Neutral;
    case Meters;
    case UtilityFault;
    case Withstand;
    case Interrupt;
}

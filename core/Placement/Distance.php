<?php

declare(strict_types=1);

namespace Underpin\Placement;

/** What a machine keeps its distance from, each by a rule of its own. */
enum Distance: string
{
    case Wall = 'wall_ft';
    case Opening = 'opening_ft';
    case Service = 'service_ft';
    case Property = 'property_ft';
    case ExhaustOpening = 'exhaust_opening_ft';
}

<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** How conductors lie between two components. */
enum ConductorKind: string
{
    /** flexible, with a plug at one end or both */
    case Cord = 'cord';

    /** fixed wiring */
    case Run = 'run';
}

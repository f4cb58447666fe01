<?php

declare(strict_types=1);

namespace Underpin\Drawing\Faces;

/** The shape of a contact of a plug or receptacle. */
enum ContactShape
{
    case Round;
    case Upright;
    case Tee;
    case LeansLeft;
    case LeansRight;
    case Arc;
    case HookedArc;
}

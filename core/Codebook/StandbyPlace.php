<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Where a standby set may stand when its own listing says nothing else. NFPA 37 4.1.4. */
final class StandbyPlace
{
    /** From doors, windows and other openings of a wall: a distance for fire; for carbon monoxide farther is better. */
    public const OPENINGS_FT = 5;
}

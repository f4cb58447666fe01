<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Where a standby set may stand when its own listing says nothing else. NFPA 37 4.1.4. */
final class StandbyPlace
{
    /** From doors, windows and other openings of a wall: a distance for fire; for carbon monoxide farther is better. */
    public const OPENINGS_FT = 5.0;

    /** From a wall that burns, unless its listing, a fire test or an hour's wall allows less. */
    public const COMBUSTIBLE_FT = 5.0;

    /** To work on the sides from which it is served. NEC 2023 110.26(A). */
    public const SERVICE_FT = 3.0;

    /** From the property line where zoning says nothing else; some say 10. Good practice. */
    public const PROPERTY_FT = 5.0;
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Bends of a raceway between two points where it is pulled. NEC 2023 344.26, 352.26, 358.26. */
final class RacewayBends
{
    /** degrees in all: four quarter bends */
    public const MOST_DEG = 360.0;
}

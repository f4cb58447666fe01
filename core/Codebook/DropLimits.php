<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Voltage drop. NEC 2023 210.19 and 215.2, informational notes: recommended, not required. */
final class DropLimits
{
    /** Of the voltage at the source, per cent. */
    public const RECOMMENDED_PCT = 3.0;
}

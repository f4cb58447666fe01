<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a calibrated torque tool may be off. Good practice: the tolerance of a click tool; the tool's certificate comes first. */
final class TorqueTools
{
    /** per cent of its setting, to either side */
    public const OFF_PCT = 6.0;
}

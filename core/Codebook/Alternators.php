<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How a generator answers a start. Good practice: its data sheet comes first. */
final class Alternators
{
    /** transient reactance of a small machine, per unit of its rating */
    public const REACTANCE_PU = 0.25;

    /** dip that is let pass where lights and motors alone are on, and with electronics on; per cent */
    public const DIP_PCT = 30.0;

    public const DIP_WITH_ELECTRONICS_PCT = 15.0;

    /** Part of its running limit below which a machine in idle mode slows down, and what a start then finds of it. */
    public const IDLES_BELOW = 0.25;

    public const IDLE_GIVES = 0.5;
}

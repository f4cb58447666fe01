<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a tester shows where nothing feeds a conductor any more, and where something does. Good practice; NFPA 70E 120.5. */
final class DeadVolts
{
    /** V on the low-impedance setting: a voltage that is only induced falls away on it. */
    public const MOST_V = 3.0;

    /** V of a known live source of a house, at which the tester is tried before and after. */
    public const LIVE_FROM_V = 105.0;

    public const LIVE_TO_V = 260.0;
}

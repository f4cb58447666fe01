<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Schedule 40 steel pipe and gas in it, below 1.5 psi. NFPA 54, low-pressure formula. */
final class GasPipes
{
    /** nominal size => inside diameter, inches */
    public const DIAMETERS_IN = [
        '1/2' => 0.622, '3/4' => 0.824, '1' => 1.049, '1-1/4' => 1.380, '1-1/2' => 1.610, '2' => 2.067, '2-1/2' => 2.469, '3' => 3.068,
        '4' => 4.026,
    ];

    /** inches of water column that may be lost on the way where nothing else is said */
    public const USUAL_DROP_INWC = 0.5;

    /** a published table runs up to so much below the formula: beyond it the next size is taken */
    public const TIGHT = 0.97;

    /** the constant of the formula for natural gas and for propane */
    public const CR_NATURAL = 0.6094;

    public const CR_PROPANE = 1.2462;

    public const BTU_PER_FT3_NATURAL = 1000.0;

    public const BTU_PER_FT3_PROPANE = 2500.0;
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** The service of a house: two legs, each 120 V to neutral, 240 V between them. NEC 2023 220.5(A). */
final class SplitPhase
{
    public const LEG_V = 120;

    public const BETWEEN_LEGS_V = 240;
}

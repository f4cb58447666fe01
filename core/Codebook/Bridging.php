<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How long what keeps somebody alive must last by itself. Good practice. */
final class Bridging
{
    /** Minutes until a generator that a person starts feeds the house: found in the dark, started, warmed up, switched. */
    public const BY_HAND_MIN = 20.0;

    /** Minutes until one that starts and transfers by itself does. */
    public const BY_ITSELF_MIN = 1.0;
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What of a cord does not count as reach. Good practice. */
final class CordReach
{
    /** Feet that go into the bends at its ends and the way around a corner, so that it does not hang tight. */
    public const SLACK_FT = 5.0;
}

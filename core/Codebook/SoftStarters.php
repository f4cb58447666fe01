<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a soft starter leaves of the locked-rotor current, per cent. Good practice: 40 to 60; its data sheet comes first. */
final class SoftStarters
{
    public const LEAVES_PCT = 50.0;
}

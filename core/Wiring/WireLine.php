<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\Source;

/** One part of the way from the machine to the panel: what it is, why, and by which rule. */
final readonly class WireLine
{
    public function __construct(public string $part, public string $pick, public string $why, public Source $source)
    {
    }
}

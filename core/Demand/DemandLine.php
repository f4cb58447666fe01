<?php

declare(strict_types=1);

namespace Underpin\Demand;

/** One line of the worksheet: what it counts, in volt-amperes, and by which section. */
final readonly class DemandLine
{
    public function __construct(public string $label, public float $va, public string $section)
    {
    }
}

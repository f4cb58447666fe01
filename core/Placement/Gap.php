<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Segment;
use Underpin\Limit;

/** How far one thing is from the machine, and how far it should be. Feet. */
final readonly class Gap
{
    /**
     * @param  string  $id  of what it is measured to
     * @param  Segment  $line  from the machine, or from its exhaust, to it
     * @param  bool  $isAcross  the machine lies across the property line, or outside
     */
    public function __construct(
        public Distance $distance, public string $id, public Segment $line, public float $neededFt, public bool $isAcross = false,
    ) {
    }

    public function ft(): float
    {
        return $this->isAcross ? 0.0 : $this->line->length();
    }

    public function isBroken(): bool
    {
        return $this->isAcross || Limit::over($this->neededFt, $this->ft());
    }
}

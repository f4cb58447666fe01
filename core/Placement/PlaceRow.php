<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Codebook\Source;
use Underpin\Geometry\Segment;
use Underpin\Limit;

/** One distance of the site plan, as table and drawing show it. Feet. */
final readonly class PlaceRow
{
    /**
     * @param  string  $id  of what it is measured to
     * @param  Segment  $line  from the machine or its exhaust to it
     * @param  ?Distance  $distance  the rule that it falls under; null: that of what it is measured to
     * @param  bool  $isAcross  the machine lies across the property line, or outside
     */
    public function __construct(
        public string $id, public string $what, public Segment $line, public float $neededFt, public Source $source,
        public ?Distance $distance = null, private bool $isAcross = false,
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

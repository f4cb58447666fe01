<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

use Underpin\Job\Part\SitePlanPart;

/** A door, a window or a vent in one wall of a building. */
final readonly class WallOpening
{
    /**
     * @param  int  $wall  which one, counted from 1 in the order of the corners
     * @param  float  $fromFt  along that wall, from its first corner
     */
    public function __construct(
        public string $id, public OpeningKind $kind, public int $wall, public float $fromFt, public float $widthFt,
        public string $name = '',
    ) {
        SitePlanPart::opening()->guard(['id' => $id, 'wall' => $wall, 'from_ft' => $fromFt, 'width_ft' => $widthFt, 'name' => $name]);
    }

    public function title(): string
    {
        return $this->name === '' ? $this->kind->words() : $this->name;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Plan;

use Underpin\Job\Part\SitePlanPart;

/** Where a machine stands. Feet. */
final readonly class MachineSpot
{
    /**
     * @param  float  $x  of its lower left corner
     * @param  PlanSide  $exhaust  where its exhaust leaves
     * @param  ?float  $widthFt  from side to side, the exhaust in front; null: as the machine's own figures say
     * @param  ?float  $platformIn  height of pad or platform above the ground, inches; null: not known
     * @param  list<PlanSide>  $served  sides that it is served from; empty: every side
     */
    public function __construct(
        public float $x, public float $y, public PlanSide $exhaust = PlanSide::Right, public ?float $widthFt = null,
        public ?float $depthFt = null, public array $served = [], public ?float $platformIn = null,
    ) {
        SitePlanPart::spot()->guard(['x' => $x, 'y' => $y, 'width_ft' => $widthFt, 'depth_ft' => $depthFt,
            'platform_in' => $platformIn]);
    }

    public function at(float $x, float $y): self
    {
        return new self($x, $y, $this->exhaust, $this->widthFt, $this->depthFt, $this->served, $this->platformIn);
    }
}

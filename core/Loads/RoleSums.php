<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Job\Circuit;
use Underpin\Job\Role;
use Underpin\Legs\LegCurrents;

/** What the circuits of one role come to: how many, their watts, and the amperes that they put on each leg. */
final readonly class RoleSums
{
    /** without a figure for what they draw */
    public int $open;

    public float $watts;

    public LegCurrents $legs;

    /** @param  list<Circuit>  $circuits */
    private function __construct(public Role $role, public int $count, array $circuits)
    {
        $this->open = count(array_filter($circuits, fn (Circuit $c): bool => $c->figuresMissing() && ! $c->isSpare()));
        $this->watts = array_sum(array_map(fn (Circuit $c): float => $c->runW(), $circuits));
        $this->legs = LegCurrents::of(Plan::drawsOf($circuits));
    }

    /** @return list<self> by role */
    public static function of(Plan $plan): array
    {
        return array_map(
            fn (array $each): self => new self($each[0], count($each[1]), $each[1]),
            [[Role::Must, $plan->must], [Role::Room, $plan->room], [Role::Off, $plan->off]],
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Outlet;

/** What the way from the machine to the house takes: cord, inlet and run, or the feeder of a machine that stands there. */
final class FeedNeeds
{
    /** @return list<Need> */
    public static function of(Situation $situation): array
    {
        $machine = $situation->supply?->machine;
        if ($machine === null) {
            return [];
        }
        $wire = $situation->job->wire;
        $run = new Need(Item::run(max($machine->outletAmps, $wire->inletAmps ?? 0)), $wire->runFt);
        if ($machine->outlet === Outlet::Terminals) {
            return [$run, new Need(Item::ControlRun, $wire->runFt), new Need(Item::StandbySet)];
        }
        $inlet = $wire->inletAmps ?? $machine->outletAmps;

        return [new Need(Item::inlet($inlet)), new Need(Item::cord($machine->outletAmps), $wire->cordFt), $run];
    }
}

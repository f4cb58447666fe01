<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Placement\PlannedPlace;
use Underpin\Placement\TankPlace;
use Underpin\StageKey;

/** Where the machine stands, and what keeps it running. */
final class PlaceStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }

    public function title(): string
    {
        return 'Place and fuel';
    }

    public function begun(Review $review): bool
    {
        return ! $review->design->job->plan->isEmpty();
    }

    public function missing(Review $review): array
    {
        $job = $review->design->job;
        $place = $review->design->place();
        [$w, $d] = PlannedPlace::sizeFt($job);

        return match (true) {
            $job->generator->machine === null => ['A machine, first.'],
            $job->generator->machine->form->isBattery() => [],
            $job->plan->spot === null => ['Where the machine is to stand.'],
            $w === null || $d === null => ['How wide and deep the machine is: the catalogue does not say.'],
            default => array_map(
                fn (string $what): string => ucfirst($what).'.',
                array_values(array_unique(array_filter([
                    ...$place?->missing() ?? [], TankPlace::missing($job), ...$review->design->fuel()?->missing() ?? [],
                ]))),
            ),
        };
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

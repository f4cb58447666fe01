<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\StageKey;

/** From the machine to the panel. */
final class WireStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::Wire;
    }

    public function title(): string
    {
        return 'Wire';
    }

    public function begun(Review $review): bool
    {
        $wire = $review->design->job->wire;

        return $review->design->assembly() !== null && ($wire->cordFt !== null || $wire->runFt !== null);
    }

    public function missing(Review $review): array
    {
        $built = $review->design->assembly();

        return $built === null
            ? ['A generator and a way of connecting, first.']
            : array_map(fn (string $what): string => ucfirst($what).'.', $built->missing);
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

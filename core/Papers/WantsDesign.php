<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checks\Review;

/** A paper about what is built: there is none before a machine and a way are picked. */
trait WantsDesign
{
    public function waitsFor(Review $review): string
    {
        return match (true) {
            $review->design->supply() === null => 'a machine is to be picked first',
            $review->design->way() === null => 'a way of connecting is to be picked first',
            default => '',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checks\Review;

/** A paper that follows from a job: a new one is one class more, and its place in Papers. */
interface Paper
{
    /** In addresses: small letters and hyphens. */
    public function key(): string;

    public function title(): string;

    /** Why there is nothing to write yet, or ever on this job; empty: it can be written. */
    public function waitsFor(Review $review): string;

    /**
     * @param  string  $today  YYYY-MM-DD
     * @return list<Block> from its head to its signatures
     */
    public function blocks(Review $review, string $today): array;
}

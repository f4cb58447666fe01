<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;

/** One station of the line: how far it is, what is still missing, and its findings. */
final readonly class StageReport
{
    /**
     * @param  list<string>  $missing
     * @param  list<Finding>  $findings
     */
    private function __construct(public Stage $stage, public Progress $progress, public array $missing, public array $findings)
    {
    }

    public static function of(Stage $stage, Review $review): self
    {
        $findings = $review->on($stage->key());
        $missing = $stage->missing($review);
        $grave = array_filter($findings, fn (Finding $f): bool => $f->severity !== Severity::Advice);
        $progress = match (true) {
            ! $stage->begun($review) => Progress::Empty,
            $missing !== [] || $grave !== [] => Progress::Part,
            default => Progress::Done,
        };

        return new self($stage, $progress, $missing, $findings);
    }
}

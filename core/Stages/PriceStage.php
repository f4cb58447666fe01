<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Pricing\Parts\PartsList;
use Underpin\StageKey;

/** What must be ordered for what will be built, and what the customer says to its price. */
final class PriceStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::PriceAndPapers;
    }

    public function title(): string
    {
        return 'Price and papers';
    }

    public function begun(Review $review): bool
    {
        return $review->design->assembly() !== null;
    }

    public function missing(Review $review): array
    {
        $job = $review->design->job;
        $accepted = $job->quotes->standing()?->answer?->kind === AnswerKind::Accepted;

        return [
            ...array_map(fn (string $what): string => ucfirst($what).'.', PartsList::of($review->design)->missing),
            ...$job->offer->ownMachine === null ? ['Who supplies the machine.'] : [],
            ...$accepted ? [] : ['A quote that the customer has accepted.'],
        ];
    }

    /** A list of parts follows by itself: nobody has come to price a job for that. */
    public function countsFrom(): Progress
    {
        return Progress::Done;
    }
}

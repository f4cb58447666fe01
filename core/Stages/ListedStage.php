<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checklist\Checklist;
use Underpin\Checklist\StepState;
use Underpin\Checks\Review;
use Underpin\Say;

/** A stage whose work is a list of steps: it is begun with the first of them, and done with all. */
abstract class ListedStage implements Stage
{
    abstract protected function checklist(Review $review): Checklist;

    public function begun(Review $review): bool
    {
        // The list is long, and most jobs have no record at all.
        return $review->design->job->work->steps !== [] && $this->checklist($review)->isBegun();
    }

    public function missing(Review $review): array
    {
        if (! $this->begun($review)) {
            return [];
        }
        $list = $this->checklist($review);
        $out = $list->standing(StepState::Out);
        $changed = $list->standing(StepState::Changed);
        $open = $list->standing(StepState::Open);

        return array_values(array_filter([
            $out === [] ? '' : Say::count(count($out), 'reading').' out of range: "'.$out[0]->text.'"',
            $changed === [] ? '' : Say::count(count($changed), 'step').' asked again, since the design has changed: '
                .'"'.$changed[0]->text.'"',
            $open === [] ? '' : Say::count(count($open), 'step').' to do; the next: "'.$open[0]->text.'"',
        ]));
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

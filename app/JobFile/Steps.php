<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;

/** Where a job stands in its ledger: the last step, and those that can be taken back or done again. */
final readonly class Steps
{
    /**
     * @param  ?Step  $last  who changed the job last, and when
     * @param  ?Step  $undo  what the next step back takes back
     * @param  ?Step  $redo  what the next step forward does again
     */
    private function __construct(public ?Step $last, public ?Step $undo, public ?Step $redo)
    {
    }

    public static function of(Job $row): self
    {
        $last = Step::last($row);
        $tops = array_values(array_filter([$last?->undoTop, $last?->redoTop]));
        $steps = $tops === [] ? [] : Step::at($row, $tops);

        return new self($last, $steps[$last->undoTop ?? 0] ?? null, $steps[$last->redoTop ?? 0] ?? null);
    }

    /** After a change that nobody did before: it can be taken back, and there is nothing to do again. */
    public static function after(Step $step): self
    {
        return new self($step, $step, null);
    }
}

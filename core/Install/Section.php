<?php

declare(strict_types=1);

namespace Underpin\Install;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\WritesSteps;
use Underpin\StageKey;

/** A part of the work with its steps in order: a new one is one class more, and its place in InstallList. */
abstract class Section
{
    use WritesSteps;

    /** @return list<ChecklistStep> none: this job has nothing of it */
    abstract public function steps(WorkSite $site): array;

    protected function stage(): StageKey
    {
        return StageKey::Install;
    }
}

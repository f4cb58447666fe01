<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Underpin\Checklist\Checklist;
use Underpin\Prove\ProveList;
use Underpin\StageKey;

final class ProvePage extends WorkPage
{
    public function stage(): StageKey
    {
        return StageKey::Prove;
    }

    public function view(): string
    {
        return 'work.prove';
    }

    protected function checklist(JobScreen $screen): Checklist
    {
        return new Checklist(ProveList::of($screen->design()), $screen->job->work);
    }

    protected function more(): array
    {
        return [Part::any('work.runs'), Part::any('work.ranges')];
    }
}

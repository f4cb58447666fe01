<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Underpin\Checklist\Checklist;
use Underpin\Install\InstallList;
use Underpin\StageKey;

final class InstallPage extends WorkPage
{
    public function stage(): StageKey
    {
        return StageKey::Install;
    }

    public function view(): string
    {
        return 'work.install';
    }

    protected function checklist(JobScreen $screen): Checklist
    {
        return new Checklist(InstallList::of($screen->design()), $screen->job->work);
    }

    protected function more(): array
    {
        return [Part::any('work.hours')];
    }
}

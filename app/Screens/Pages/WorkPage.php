<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use App\Screens\WorkScreen;
use Illuminate\Http\Request;
use Underpin\Checklist\Checklist;

/** A list of steps that are done and noted one by one, also where there is no signal. */
abstract class WorkPage implements StagePage
{
    private ?WorkScreen $work = null;

    abstract protected function checklist(JobScreen $screen): Checklist;

    /** @return list<Part> what the page has beside its steps */
    abstract protected function more(): array;

    public function script(): string
    {
        return 'resources/js/work/page.js';
    }

    public function isDecided(): bool
    {
        return false;
    }

    public function isOnePart(): bool
    {
        return false;
    }

    public function drawer(): ?Drawer
    {
        return null;
    }

    public function parts(): array
    {
        return [
            Part::any('parts.header'), Part::any('parts.strip'), Part::any('parts.spine'), Part::any('work.progress'),
            Part::each('work.group', fn (JobScreen $screen): array => $this->work($screen)->groups()), ...$this->more(),
        ];
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return ['work' => $this->work($screen)];
    }

    /** Worked out once: the page of a screen is made for it. */
    public function work(JobScreen $screen): WorkScreen
    {
        return $this->work ??= new WorkScreen($screen, $this->checklist($screen));
    }
}

<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

/** The page of one stage: a new one is one class more, and its place in StagePages. */
interface StagePage
{
    public function stage(): StageKey;

    /** The view of what stands in its middle. */
    public function view(): string;

    /** What is loaded with it beside the script of every page; null: nothing. */
    public function script(): ?string;

    /** Everything that can be changed on it is decided, and nothing of it found on site. */
    public function isDecided(): bool;

    /** Its middle is one part, which changes as a whole. */
    public function isOnePart(): bool;

    /** Null: nothing is selected on it. */
    public function drawer(): ?Drawer;

    /** @return list<Part> what of it a change of the job may change, in the order of the page */
    public function parts(): array;

    /** @return array<string, mixed> what this page shows beside what every page of a job does */
    public function data(JobScreen $screen, Request $request): array;
}

<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

final class RunPage implements StagePage
{
    public function stage(): StageKey
    {
        return StageKey::Run;
    }

    public function view(): string
    {
        return 'run.page';
    }

    public function drawer(): ?Drawer
    {
        return null;
    }

    public function parts(): array
    {
        return [
            Part::any('parts.header'), Part::any('parts.strip'), Part::any('parts.spine'),
            Part::any('parts.main'),
        ];
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return [];
    }
}

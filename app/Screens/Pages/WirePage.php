<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

final class WirePage implements StagePage
{
    public function stage(): StageKey
    {
        return StageKey::Wire;
    }

    public function view(): string
    {
        return 'wire.page';
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

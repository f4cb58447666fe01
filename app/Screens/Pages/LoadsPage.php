<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

final class LoadsPage implements StagePage
{
    public function stage(): StageKey
    {
        return StageKey::Loads;
    }

    public function view(): string
    {
        return 'loads.page';
    }

    public function script(): string
    {
        return 'resources/js/loads/page.js';
    }

    public function isDecided(): bool
    {
        return false;
    }

    public function isOnePart(): bool
    {
        return false;
    }

    public function drawer(): Drawer
    {
        return new Drawer('loads.circuit', 'loads.unselected');
    }

    public function parts(): array
    {
        return [
            Part::any('parts.header'), Part::any('parts.strip'), Part::any('parts.spine'),
            Part::any('parts.tally'), Part::any('loads.fits'), Part::any('loads.sums'), Part::any('loads.suggested'),
            Part::of('parts.board', 'panels')->beside('role', 'loads', 'measured'), Part::any('parts.circuits'),
            Part::of('loads.measured', 'panels'),
            Part::of('parts.drawer', 'panels')->beside('role'),
            Part::any('parts.role'), Part::any('parts.own'), Part::any('parts.findings'), Part::any('parts.missing'),
        ];
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return [];
    }
}

<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Models\RehearsalLink;
use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\Rehearsal\House;
use Underpin\StageKey;

final class RunPage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::Run;
    }

    public function view(): string
    {
        return 'run.page';
    }

    public function script(): string
    {
        return 'resources/js/account/square.js';
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return ['link' => RehearsalLink::standing($screen->row), 'canRehearse' => House::of($screen->design()) !== null];
    }
}

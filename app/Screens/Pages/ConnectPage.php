<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\ConnectScreen;
use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

final class ConnectPage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::Connect;
    }

    public function view(): string
    {
        return 'connect.page';
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return ['connect' => ConnectScreen::of($screen, $request->string('open')->toString())];
    }
}

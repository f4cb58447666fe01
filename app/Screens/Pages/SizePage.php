<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use App\Screens\SizeScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

final class SizePage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::Size;
    }

    public function view(): string
    {
        return 'size.page';
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return ['size' => SizeScreen::of($screen, $request->string('only')->toString())];
    }
}

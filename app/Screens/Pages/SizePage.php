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

    public function script(): string
    {
        return 'resources/js/size/page.js';
    }

    public function data(JobScreen $screen, Request $request): array
    {
        $beside = [];
        foreach ($request->query->keys() as $name) {
            if (str_starts_with($name, SizeScreen::BESIDE)) {
                $beside[] = substr($name, strlen(SizeScreen::BESIDE));
            }
        }

        return ['size' => SizeScreen::of($screen, $request->string('only')->toString(), $beside)];
    }
}

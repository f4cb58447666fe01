<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;

/** A page on which nothing is selected: a choice changes the whole of its middle. */
abstract class PlainPage implements StagePage
{
    public function script(): ?string
    {
        return null;
    }

    public function isDecided(): bool
    {
        return true;
    }

    public function isOnePart(): bool
    {
        return true;
    }

    public function drawer(): ?Drawer
    {
        return null;
    }

    public function parts(): array
    {
        return [Part::any('parts.header'), Part::any('parts.strip'), Part::any('parts.spine'), Part::any('parts.main')];
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return [];
    }
}

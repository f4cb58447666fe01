<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\ConnectScreen;
use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\Pricing\Parts\PartsList;
use Underpin\StageKey;

final class PricePage extends PlainPage
{
    public function stage(): StageKey
    {
        return StageKey::PriceAndPapers;
    }

    public function view(): string
    {
        return 'price.page';
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return ['list' => PartsList::of($screen->design()), 'connect' => ConnectScreen::of($screen, '')];
    }
}

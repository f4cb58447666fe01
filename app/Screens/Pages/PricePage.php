<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use App\Shop\ShopPrices;
use Illuminate\Http\Request;
use Underpin\Pricing\Parts\PartsList;
use Underpin\Pricing\Quoting\NewQuote;
use Underpin\Schedule\Schedule;
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

    public function script(): string
    {
        return 'resources/js/price/page.js';
    }

    public function data(JobScreen $screen, Request $request): array
    {
        $book = ShopPrices::book($screen->row->shop);
        $offered = NewQuote::of($screen->design(), $book);
        $today = now()->toDateString();

        return [
            'list' => PartsList::of($screen->design()), 'offered' => $offered, 'waits' => $offered->waitsFor(),
            'today' => $today, 'schedule' => Schedule::of($screen->design(), $book, $today),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use Illuminate\Contracts\View\View;

/** The shop's machines and typical loads, to look things up. */
final class CatalogueController extends Controller
{
    public function __invoke(): View
    {
        $shop = $this->user()->shop;

        return view('catalogue', [
            'machines' => $shop->machines()->orderBy('retired')->orderByRaw('price_usd is null, price_usd')->get(),
            'loads' => $shop->libraryLoads()->orderBy('kind')->orderBy('name')->get(),
        ]);
    }
}

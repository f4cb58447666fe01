<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Http\Requests\Shop\TermsRequest;
use App\Models\Shop;
use App\Models\ShopEvent;
use App\Shop\ShopEditor;
use App\Shop\ShopTerms;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;

/** The shop's price book: parts and work as sheets, and how they become a price. */
final class PriceBookController extends Controller
{
    /** Steps of the history that the page shows. */
    private const SHOWN = 20;

    public function index(): View
    {
        $shop = $this->user()->shop;

        return view('prices.page', [
            'shop' => $shop, 'parts' => $shop->partPrices()->orderBy('part')->get(), 'tasks' => $shop->priceRows()->get()->keyBy('item'),
            'events' => ShopEvent::query()->where('shop_id', $shop->id)->whereIn('of', ['part', 'work', 'terms'])->orderByDesc('id')
                ->limit(self::SHOWN)->get(),
        ]);
    }

    public function terms(TermsRequest $request): RedirectResponse
    {
        $now = $request->values()->all();
        $changed = ShopEditor::change(
            $this->user(), new ShopTerms, (string) $this->user()->shop_id, 'How prices are made', ['terms' => $now], $request->was(), $now,
            fn (Model $shop): array => $shop instanceof Shop ? ($shop->terms ?? []) + array_fill_keys(array_keys($now), null) : [],
        );

        return redirect()->route('prices')->with('status', $changed ? 'Saved.' : 'Nothing was changed.');
    }
}

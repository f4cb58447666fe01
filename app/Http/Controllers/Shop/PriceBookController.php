<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Http\Requests\Shop\PriceBookRequest;
use App\Models\ShopEvent;
use App\Shop\Prices;
use App\Shop\ShopEditor;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Underpin\Connection\Item;

/** The shop's prices and hours, on one page. Each row that changes is a step of its history. */
final class PriceBookController extends Controller
{
    /** Steps of the history that the page shows. */
    private const SHOWN = 20;

    public function index(): View
    {
        $shop = $this->user()->shop;

        return view('prices', [
            'rows' => $shop->priceRows()->get()->keyBy('item'),
            'events' => ShopEvent::query()->where('shop_id', $shop->id)->where('of', 'price')->orderByDesc('id')->limit(self::SHOWN)->get(),
        ]);
    }

    public function update(PriceBookRequest $request): RedirectResponse
    {
        $changed = DB::transaction(fn (): int => array_sum(
            array_map(fn (Item $item): int => $this->save($request, $item) ? 1 : 0, Item::cases()),
        ));

        return redirect()->route('prices')->with('status', $changed === 0 ? 'Nothing was changed.' : "$changed changed.");
    }

    /** @return bool whether that row is other than before */
    private function save(PriceBookRequest $request, Item $item): bool
    {
        $in = $request->values();
        $shown = $request->was();
        $now = $was = [];
        foreach (PriceBookRequest::COLUMNS as $column) {
            $now[$column] = $in->numberOrNull(PriceBookRequest::name($column, $item));
            $was[$column] = $shown[PriceBookRequest::name($column, $item)] ?? null;
        }
        $row = $this->user()->shop->priceRows()->where('item', $item->value)->first();
        if ($row === null) {
            $isNew = array_filter($now, fn (?float $value): bool => $value !== null) !== [];
            if ($isNew) {
                ShopEditor::add($this->user(), new Prices, self::label($item, $now['price_usd']), ['item' => $item->value, ...$now]);
            }

            return $isNew;
        }

        return ShopEditor::change(
            $this->user(), new Prices, $item->value, self::label($item, $now['price_usd']), $now, $was, $now,
            fn (Model $row): array => $row->only(PriceBookRequest::COLUMNS),
        );
    }

    private static function label(Item $item, ?float $usd): string
    {
        return ucfirst($item->words()).': '.($usd === null ? 'no price' : '$'.number_format($usd, 2));
    }
}

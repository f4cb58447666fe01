<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Models\ShopEvent;
use App\Shop\ShopEditor;
use Illuminate\Http\RedirectResponse;

/** One step back in the history of what belongs to the shop. */
final class ShopHistoryController extends Controller
{
    public function __invoke(int $event): RedirectResponse
    {
        $found = ShopEvent::query()->where('shop_id', $this->user()->shop_id)->findOrFail($event);
        $of = ShopEditor::takeBack($this->user(), $found);

        return redirect()->route($of->page())->with('status', "Taken back: $found->label");
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\CellsInput;
use App\Http\Controllers\Controller;
use App\Shop\Cells;
use App\Shop\ShopThings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Cells of a sheet of the shop, as somebody leaves them or pastes them. */
final class CellsController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        Gate::forUser($this->user())->authorize('stock', $this->user()->shop);
        $sheet = $request->input('sheet');
        $of = ShopThings::sheet(is_string($sheet) ? $sheet : '') ?? abort(404);

        return response()->json((new Cells($this->user(), $of))->save(CellsInput::rows($request)));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Shop\Cells;
use App\Shop\ShopThings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Underpin\Refused;

/** Cells of a sheet of the shop, as somebody leaves them or pastes them. */
final class CellsController extends Controller
{
    private const MOST_CELLS = 3_000;

    public function __invoke(Request $request): JsonResponse
    {
        Gate::forUser($this->user())->authorize('stock', $this->user()->shop);
        $sheet = $request->input('sheet');
        $of = ShopThings::sheet(is_string($sheet) ? $sheet : '') ?? abort(404);

        return response()->json((new Cells($this->user(), $of))->save($this->rows($request)));
    }

    /**
     * @return array<string, array<string, array{value: string, was: ?string}>>
     *
     * @throws Refused on "cells"
     */
    private function rows(Request $request): array
    {
        $sent = $request->input('cells');
        $cells = is_string($sent) ? json_decode($sent, true) : null;
        if (! is_array($cells) || count($cells) > self::MOST_CELLS) {
            throw new Refused('cells', 'Cells: 1 to '.number_format(self::MOST_CELLS).' at a time.');
        }
        $rows = [];
        foreach ($cells as $cell) {
            $row = is_array($cell) ? $cell['row'] ?? null : null;
            $column = is_array($cell) ? $cell['column'] ?? null : null;
            $value = is_array($cell) ? $cell['value'] ?? '' : null;
            $was = is_array($cell) ? $cell['was'] ?? null : null;
            if (! is_string($row) || ! is_string($column) || ! is_string($value) || ($was !== null && ! is_string($was))) {
                throw new Refused('cells', 'Cells: each names its row, its column and what it holds.');
            }
            $rows[$row][$column] = ['value' => $value, 'was' => $was];
        }

        return $rows;
    }
}

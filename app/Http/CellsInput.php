<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Underpin\Refused;

/** Cells of a table that is filled like a sheet, as the page sends them when they are left or pasted. */
final class CellsInput
{
    private const MOST_CELLS = 3_000;

    /**
     * @return array<string, array<string, array{value: string, was: ?string}>> by row and column
     *
     * @throws Refused on "cells"
     */
    public static function rows(Request $request): array
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

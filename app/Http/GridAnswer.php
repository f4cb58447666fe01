<?php

declare(strict_types=1);

namespace App\Http;

use App\JobFile\EditedJob;
use App\Screens\GridScreen;
use App\Screens\JobScreen;
use App\Screens\Pages\Part;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Underpin\Exchange\Grid\GridEdit;
use Underpin\Exchange\Grid\GridFault;
use Underpin\StageKey;

/** The answer to a change made on the loads as a sheet: what was refused, the lines that are other now, and the parts around them. */
final class GridAnswer
{
    private const HEAD = 'X-Grid';

    public static function wanted(Request $request): bool
    {
        return $request->headers->has(self::HEAD);
    }

    /** @param  ?GridEdit  $edit  what was typed; null: it was another change */
    public static function of(Request $request, EditedJob $edited, string $said, ?GridEdit $edit = null): JsonResponse
    {
        $screen = JobScreen::of($edited, StageKey::Loads);
        $touched = $screen->patch?->circuits() ?? [];

        $grid = GridScreen::of($screen);

        return response()->json([
            'said' => $said,
            'saved' => array_map(
                fn (string $row, string $key): array => ['row' => $row, 'key' => $key],
                array_map(strval(...), array_keys($edit?->keys() ?? [])), array_values($edit?->keys() ?? []),
            ),
            'refused' => array_map(
                fn (GridFault $fault): array => ['row' => $fault->row, 'column' => $fault->column, 'message' => $fault->message],
                $edit?->faults() ?? [],
            ),
            'circuits' => $touched,
            'reload' => $screen->patch?->touchesPanels() === true,
            'html' => JobResponse::parts($request, $screen, self::around()).view('loads.grid-rows', [
                'rows' => $grid->rows($touched), 'grid' => $grid,
            ])->render(),
        ])->header('Vary', 'X-Parts');
    }

    /** @return list<Part> what of the page stands around the lines */
    private static function around(): array
    {
        return [
            Part::any('parts.header'), Part::any('parts.strip'), Part::any('parts.spine'), Part::any('loads.sums'),
            Part::any('loads.suggested'), Part::any('loads.fits'),
        ];
    }
}

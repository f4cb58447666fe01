<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\CellsInput;
use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\GridAnswer;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\GridScreen;
use App\Screens\JobScreen;
use App\Shop\ShopLibrary;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Underpin\Exchange\Grid\GridColumns;
use Underpin\Exchange\Grid\GridEdit;
use Underpin\Job\Job as JobFile;
use Underpin\Say;
use Underpin\StageKey;

/** The loads as a sheet. */
final class GridController extends Controller
{
    use EditsJob;

    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);

        return view('loads.grid', ['screen' => $screen, 'grid' => GridScreen::of($screen)]);
    }

    /** Cells as somebody leaves or pastes them: one step of the history, however many they are. */
    public function update(Request $request, Job $job): JsonResponse
    {
        $rows = CellsInput::rows($request);
        $edit = new GridEdit(ShopLibrary::of($job->shop_id), $this->newKey(...));
        $edited = JobEditor::change(
            $job, $this->user(), fn (): string => $this->label($rows), fn (JobFile $file): JobFile => $edit->apply($file, $rows),
        );

        return GridAnswer::of($request, $edited, $edit->faults() === [] ? 'Saved.' : 'Not saved: see the marked cells.', $edit);
    }

    /** @param  array<string, array<string, array{value: string, was: ?string}>>  $rows */
    private function label(array $rows): string
    {
        $cells = array_sum(array_map(count(...), $rows));
        $only = array_key_first(reset($rows) ?: []);

        return $cells === 1 && $only !== null
            ? sprintf('In the grid: %s "%s"', GridColumns::label($only), array_values(reset($rows) ?: [])[0]['value'] ?? '')
            : 'In the grid: '.Say::count((int) $cells, 'cell');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Shop\SheetThing;
use App\Shop\ShopThings;
use App\Shop\ThingSheet;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Underpin\Exchange\Lines\LineSheet;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Refused;
use Underpin\Say;

/** Things of the shop as a sheet: out, and in again. */
final class ShopSheetController extends Controller
{
    public function export(string $thing): Response
    {
        $of = $this->thing($thing);
        $rows = $of->of($this->user()->shop_id)->orderBy($of->keyColumn())->get()->all();
        $lines = array_values(array_map(fn (Model $row): array => $of->line($row), $rows));

        return response(LineSheet::write($of->form(), $lines), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"{$of->word()}s.csv\"",
        ]);
    }

    public function import(Request $request, string $thing): RedirectResponse
    {
        $of = $this->thing($thing);
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'Sheet: choose a CSV file.');
        }
        [$added, $changed, $faults] = ThingSheet::bringIn($this->user(), $of, (string) $file->getContent());
        $said = sprintf('%d added, %d changed.', $added, $changed);

        return $faults === []
            ? redirect()->route($of->page())->with('status', $said)
            : redirect()->route($of->page())->with(
                'status', "$said Not taken: ".Say::count(count($faults), 'row or column', 'rows or columns').'.',
            )
                ->with(
                    'not-taken',
                    array_map(fn (RowFault $f): string => "Row $f->row, $f->column: $f->message", array_slice($faults, 0, 50)),
                );
    }

    private function thing(string $word): SheetThing
    {
        $of = ShopThings::sheet($word);

        return $of ?? abort(404);
    }
}

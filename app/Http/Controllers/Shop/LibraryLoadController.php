<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Http\FormInput;
use App\Http\Requests\Shop\LibraryLoadRequest;
use App\Models\LibraryLoad;
use App\Shop\LibraryLoads;
use App\Shop\ShopEditor;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Loads\Library\Grade;
use Underpin\Refused;

/** The shop's typical loads: its own figures, and loads of its own. */
final class LibraryLoadController extends Controller
{
    public function create(): View
    {
        return view(
            'library-load',
            ['load' => new LibraryLoad(['volts' => 120, 'pf' => 0.95, 'kind' => LoadKind::Other->value]), 'events' => new Collection],
        );
    }

    public function edit(string $load): View
    {
        return view('library-load', ['load' => $this->row($load), 'events' => ShopEditor::history($this->user(), new LibraryLoads, $load)]);
    }

    public function store(LibraryLoadRequest $request): RedirectResponse
    {
        $columns = $this->read($request, null);
        ShopEditor::add($this->user(), new LibraryLoads, "{$columns['name']}: added", $columns);

        return redirect()->route('catalogue')->with('status', "{$columns['name']} is in the library.");
    }

    public function update(LibraryLoadRequest $request, string $load): RedirectResponse
    {
        $row = $this->row($load);
        $columns = $this->read($request, $row);
        ShopEditor::change(
            $this->user(), new LibraryLoads, $load, "$row->name: changed", $columns,
            FormInput::was($request), $columns, fn (Model $row): array => $row->only(array_keys($columns)),
        );

        return redirect()->route('catalogue')->with('status', 'Saved. Jobs keep the figures that they were given.');
    }

    private function row(string $id): LibraryLoad
    {
        $row = LibraryLoad::query()->where('shop_id', $this->user()->shop_id)->whereKey($id)->first();

        return $row instanceof LibraryLoad ? $row : abort(404);
    }

    /**
     * @return array<string, float|int|string|null>
     */
    private function read(LibraryLoadRequest $request, ?LibraryLoad $row): array
    {
        $in = $request->values();
        $name = $in->text('name');
        $other = LibraryLoad::query()->where('shop_id', $this->user()->shop_id)->where('name', $name)->first();
        if ($other instanceof LibraryLoad && $other->id !== $row?->id) {
            throw new Refused('name', "Load: there is a $name in the library already.");
        }
        $lower = 0.0;
        foreach (array_column(Grade::cases(), 'value') as $grade) {
            try {
                new Load(
                    'check', $name, LoadKind::from($in->text('kind')), $in->number("run_{$grade}_w"), $in->number("start_{$grade}_w"),
                    $in->number('pf'),
                );
            } catch (Refused $refused) {
                throw new Refused(str_replace('_w', "_{$grade}_w", $refused->field), "$grade: ".$refused->getMessage());
            }
            if ($in->number("run_{$grade}_w") < $lower) {
                throw new Refused("run_{$grade}_w", "Runs, $grade must not be below the grade before it ($lower W).");
            }
            $lower = $in->number("run_{$grade}_w");
        }
        $columns = [
            'name' => $name, 'kind' => $in->text('kind'), 'role' => $in->text('role'), 'words' => $in->text('words'),
            'volts' => $in->whole('volts'), 'pf' => $in->number('pf'),
        ];
        foreach (array_column(Grade::cases(), 'value') as $grade) {
            $columns["run_{$grade}_w"] = $in->number("run_{$grade}_w");
            $columns["start_{$grade}_w"] = $in->number("start_{$grade}_w");
        }

        return $columns;
    }
}

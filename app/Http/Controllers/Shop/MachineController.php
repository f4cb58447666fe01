<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Http\Requests\Shop\MachineRequest;
use App\Models\Machine;
use App\Shop\Machines;
use App\Shop\ShopEditor;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Underpin\Form\Values;
use Underpin\Refused;

/** The machines of the shop's catalogue. Jobs keep the machine that they were given, as it was then. */
final class MachineController extends Controller
{
    public function create(Request $request): View
    {
        $like = $request->string('like')->toString();
        $shown = $like === '' ? [] : [...(new Machines)->line($this->row($like)), 'name' => ''];

        return view('machine', ['machine' => null, 'shown' => $shown, 'events' => new Collection]);
    }

    public function edit(string $machine): View
    {
        $row = $this->row($machine);

        return view('machine', [
            'machine' => $row, 'shown' => (new Machines)->line($row),
            'events' => ShopEditor::history($this->user(), new Machines, $machine),
        ]);
    }

    public function store(MachineRequest $request): RedirectResponse
    {
        $machines = new Machines;
        $line = $request->values();
        $columns = $machines->columns($machines->newKey($this->user()->shop_id, $line), $line);
        $this->guardName($line, null);
        ShopEditor::add($this->user(), $machines, "{$line->text('name')}: added", $columns);

        return redirect()->route('catalogue')->with('status', "{$line->text('name')} is in the catalogue.");
    }

    public function update(MachineRequest $request, string $machine): RedirectResponse
    {
        $row = $this->row($machine);
        $machines = new Machines;
        $columns = $machines->columns($machine, $request->values());
        $this->guardName($request->values(), $row);
        ShopEditor::change(
            $this->user(), $machines, $machine, "$row->name: changed", $columns, $request->was(),
            $machines->line($row->replicate()->fill($columns)), fn (Model $row): array => $machines->line($row),
        );

        return redirect()->route('catalogue')->with('status', 'Saved. Jobs keep the machine that they were given, as it was then.');
    }

    /** What is not sold any more is offered to no job; those that have it keep it. */
    public function retire(Request $request, string $machine): RedirectResponse
    {
        $row = $this->row($machine);
        $retired = $request->boolean('retired');
        ShopEditor::change(
            $this->user(), new Machines, $machine, "$row->name: ".($retired ? 'retired' : 'in the catalogue again'),
            ['retired' => $retired], [], [], fn (): array => [],
        );

        return redirect()->route('catalogue')->with(
            'status', $retired ? "$row->name is retired: no new job is offered it." : "$row->name is in the catalogue again.",
        );
    }

    private function row(string $key): Machine
    {
        return Machine::query()->where('shop_id', $this->user()->shop_id)->where('key', $key)->firstOrFail();
    }

    private function guardName(Values $line, ?Machine $row): void
    {
        $other = (new Machines)->same($this->user()->shop_id, $line);
        if ($other !== null && $other->id !== $row?->id) {
            throw new Refused('name', "Name: there is a {$line->text('name')} in the catalogue already.");
        }
    }
}

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
use Illuminate\Support\Str;
use Underpin\Job\Part\MachinePart;
use Underpin\Refused;

/** The machines of the shop's catalogue. Jobs keep the machine that they were given, as it was then. */
final class MachineController extends Controller
{
    public function create(): View
    {
        return view('machine', ['machine' => null, 'shown' => MachineRequest::shown([]), 'events' => new Collection]);
    }

    public function edit(string $machine): View
    {
        $row = $this->row($machine);

        return view('machine', [
            'machine' => $row, 'shown' => MachineRequest::shown($row->attributesToArray()),
            'events' => ShopEditor::history($this->user(), new Machines, $machine),
        ]);
    }

    public function store(MachineRequest $request): RedirectResponse
    {
        $name = $request->values()->text('name');
        $columns = $this->columns($request, $this->newKey($name), null);
        ShopEditor::add($this->user(), new Machines, "$name: added", $columns);

        return redirect()->route('catalogue')->with('status', "$name is in the catalogue.");
    }

    public function update(MachineRequest $request, string $machine): RedirectResponse
    {
        $row = $this->row($machine);
        $columns = $this->columns($request, $machine, $row);
        ShopEditor::change(
            $this->user(), new Machines, $machine, "$row->name: changed", $columns, $request->was(), MachineRequest::shown($columns),
            fn (Model $row): array => MachineRequest::shown($row->attributesToArray()),
        );

        return redirect()->route('catalogue')->with('status', 'Saved. Jobs keep the machine that they were given, as it was then.');
    }

    private function row(string $key): Machine
    {
        return Machine::query()->where('shop_id', $this->user()->shop_id)->where('key', $key)->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function columns(MachineRequest $request, string $key, ?Machine $row): array
    {
        $machine = $request->machine($key);
        $other = Machine::query()->where('shop_id', $this->user()->shop_id)->where('name', $machine->name)->first();
        if ($other instanceof Machine && $other->id !== $row?->id) {
            throw new Refused('name', "Name: there is a $machine->name in the catalogue already.");
        }

        return ['key' => $key, ...array_diff_key(MachinePart::write($machine), ['id' => 0])];
    }

    /** Of its name, and of no other machine. */
    private function newKey(string $name): string
    {
        $plain = Str::limit(Str::slug($name), 32, '') ?: 'machine';
        $taken = Machine::query()->where('shop_id', $this->user()->shop_id)->where('key', 'like', "$plain%")->pluck('key')->all();

        return in_array($plain, $taken, true) ? "$plain-".Str::lower(Str::random(6)) : $plain;
    }
}

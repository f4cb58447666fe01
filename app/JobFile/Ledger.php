<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Circuit as CircuitRow;
use App\Models\Job;
use App\Models\Load as LoadRow;
use App\Models\Panel as PanelRow;
use Illuminate\Database\Eloquent\Model;
use Underpin\Loads\Load;
use Underpin\Service\Circuit;
use Underpin\Service\Panel;

/** Changes rows of one job and writes down what they were and what they became. */
final class Ledger
{
    /** @var list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}> */
    private array $ops = [];

    public function __construct(private readonly Job $job)
    {
    }

    /** @return list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}> */
    public function ops(): array
    {
        return $this->ops;
    }

    /** @param  array<string, mixed>  $columns */
    public function update(Model $row, array $columns): void
    {
        $row->fill($columns);
        $after = $row->getDirty();
        if ($after === []) {
            return;
        }
        $before = array_intersect_key($row->getRawOriginal(), $after);
        $row->save();
        $this->ops[] = ['table' => $row->getTable(), 'id' => self::id($row), 'before' => $before, 'after' => $after];
    }

    public function delete(Model $row): void
    {
        $this->ops[] = ['table' => $row->getTable(), 'id' => self::id($row), 'before' => $row->getRawOriginal(), 'after' => null];
        $row->delete();
    }

    public function addPanel(Panel $panel, int $position): PanelRow
    {
        $row = new PanelRow(['job_id' => $this->job->id, ...JobRows::panelColumns($panel, $position)]);
        $this->create($row);
        foreach ($panel->circuits as $circuit) {
            $this->addCircuit($row, $circuit);
        }

        return $row;
    }

    public function addCircuit(PanelRow $panel, Circuit $circuit): CircuitRow
    {
        $row = new CircuitRow(['job_id' => $this->job->id, 'panel_id' => $panel->id, ...JobRows::circuitColumns($circuit)]);
        $this->create($row);
        foreach ($circuit->loads as $i => $load) {
            $this->addLoad($row, $load, $i);
        }

        return $row;
    }

    public function addLoad(CircuitRow $circuit, Load $load, int $position): LoadRow
    {
        $row = new LoadRow(['job_id' => $this->job->id, 'circuit_id' => $circuit->id, ...JobRows::loadColumns($load, $position)]);
        $this->create($row);

        return $row;
    }

    /** With its loads. */
    public function deleteCircuit(CircuitRow $circuit): void
    {
        $this->job->loads()->where('circuit_id', $circuit->id)->get()->each(fn (LoadRow $load) => $this->delete($load));
        $this->delete($circuit);
    }

    /** Everything in it, but not the panel itself. */
    public function emptyPanel(PanelRow $panel): void
    {
        $this->job->loads()->whereIn('circuit_id', $this->job->circuits()->where('panel_id', $panel->id)->select('id'))
            ->get()->each(fn (LoadRow $load) => $this->delete($load));
        $this->job->circuits()->where('panel_id', $panel->id)->get()->each(fn (CircuitRow $circuit) => $this->delete($circuit));
    }

    public function create(Model $row): void
    {
        $row->save();
        $this->ops[] = ['table' => $row->getTable(), 'id' => self::id($row), 'before' => null, 'after' => $row->getAttributes()];
    }

    private static function id(Model $row): int
    {
        $id = $row->getKey();

        return is_int($id) ? $id : 0;
    }
}

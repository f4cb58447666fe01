<?php

declare(strict_types=1);

namespace Underpin\Exchange\Grid;

use Closure;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\Part\CircuitPart;
use Underpin\Job\Part\LoadPart;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Loads\Library\LoadLibrary;
use Underpin\Refused;

/**
 * Cells of the loads as a sheet, taken line by line: what cannot be taken of one line holds up no other. A cell that somebody
 * else has changed since is not taken either.
 *
 * @phpstan-type Cells array<string, array{value: string, was: ?string}>
 */
final class GridEdit
{
    /** @var array<string, Panel> by id, as they become */
    private array $panels = [];

    /** @var list<GridFault> */
    private array $faults = [];

    /** @var array<string, string> the key that a line has now, by the one it was sent with */
    private array $keys = [];

    /** @param  Closure(): string  $newKey  a key that no other thing of the job has */
    public function __construct(private readonly LoadLibrary $library, private readonly Closure $newKey)
    {
    }

    /**
     * @param  array<string, Cells>  $rows  by the key of the line
     * @return Job as it was where nothing was taken
     */
    public function apply(Job $job, array $rows): Job
    {
        $this->panels = array_column($job->service->panels, null, 'id');
        $this->faults = $this->keys = [];
        foreach ($rows as $key => $cells) {
            try {
                $this->keys[$key] = $this->take(GridKey::read((string) $key), $cells)->words();
            } catch (Refused $refused) {
                $column = array_key_exists($refused->field, $cells) ? $refused->field : (string) array_key_first($cells);
                $this->faults[] = new GridFault((string) $key, $column, $refused->getMessage());
            }
        }
        $panels = array_values($this->panels);

        return $panels === $job->service->panels ? $job : $job->with($job->service->with(panels: $panels));
    }

    /** @return list<GridFault> */
    public function faults(): array
    {
        return $this->faults;
    }

    /** @return array<string, string> the key that a line has now, by the one it was sent with */
    public function keys(): array
    {
        return $this->keys;
    }

    /**
     * @param  Cells  $cells
     *
     * @throws Refused by column
     */
    private function take(GridKey $key, array $cells): GridKey
    {
        $strange = array_diff(array_keys($cells), [...GridColumns::OF_BREAKER, ...GridColumns::OF_LOAD]);
        if ($strange !== []) {
            throw new Refused(reset($strange), 'There is no column "'.mb_strimwidth(reset($strange), 0, 40, '…').'" here.');
        }
        $given = array_map(fn (array $cell): string => trim($cell['value']), $cells);
        [$panel, $circuit] = $key->isNewBreaker() ? $this->added($given) : $this->found($key);
        if (! $key->isNewBreaker()) {
            $this->guard($panel, $circuit, $key, $cells);
            $circuit = $this->withBreaker($circuit, $given);
        }
        [$circuit, $load] = $this->withLoad($circuit, $key->load, $given);
        $this->panels[$panel->id] = $this->hung($panel, $circuit);

        return new GridKey($circuit->id, $load);
    }

    /**
     * @return array{Panel, Circuit}
     *
     * @throws Refused on "name"
     */
    private function found(GridKey $key): array
    {
        foreach ($this->panels as $panel) {
            $circuit = $panel->circuit($key->circuit);
            if ($circuit !== null) {
                return [$panel, $circuit];
            }
        }
        throw new Refused('name', 'This breaker has been removed by somebody else. Load the page anew.');
    }

    /**
     * @param  Cells  $cells
     *
     * @throws Refused on the first that somebody else has changed, or that follows from something else
     */
    private function guard(Panel $panel, Circuit $circuit, GridKey $key, array $cells): void
    {
        $load = $circuit->load($key->load);
        if ($key->load !== '' && $load === null) {
            throw new Refused('load', 'This load has been removed by somebody else. Load the page anew.');
        }
        $rows = GridRow::of($panel, $circuit);
        $row = array_values(array_filter($rows, fn (GridRow $row): bool => $row->load === $load))[0] ?? null;
        $now = $row?->cells() ?? ['load' => '', 'run_w' => '', 'start_w' => ''] + $rows[0]->cells();
        foreach ($cells as $column => $cell) {
            $value = trim($cell['value']);
            if ($cell['was'] !== null && $cell['was'] !== $now[$column] && $value !== $now[$column]) {
                throw new Refused($column, sprintf(
                    '%s: somebody else has changed this to "%s" since the page was opened. Load the page anew.',
                    GridColumns::label($column), mb_strimwidth($now[$column], 0, 40, '…'),
                ));
            }
            if (in_array($column, GridColumns::FIXED, true) && $value !== $now[$column]) {
                throw new Refused($column, sprintf(
                    '%s stays "%s": %s.', GridColumns::label($column), $now[$column],
                    $column === 'leg' ? 'it follows from the space' : 'another panel is chosen in the survey',
                ));
            }
        }
    }

    /**
     * @param  array<string, string>  $given
     *
     * @throws Refused by column
     */
    private function withBreaker(Circuit $circuit, array $given): Circuit
    {
        $position = $circuit->position;
        if (isset($given['space'])) {
            $position = GridCell::position($given['space'], $position->poles);
        }
        $breaker = isset($given['amps']) ? GridCell::breaker($given['amps']) : null;
        if ($breaker?->poles !== null && $breaker->poles !== $position->poles) {
            $position = new Position($position->space, $breaker->poles, $position->half);
        }
        $form = CircuitPart::form();

        return $circuit->with(
            position: $position, breakerAmps: $breaker->amps[0] ?? $circuit->breakerAmps,
            protection: $breaker->protection ?? $circuit->protection,
            name: self::text($form->field('name')->read($given['name'] ?? $circuit->name)),
            note: self::text($form->field('note')->read($given['note'] ?? $circuit->note)),
            role: isset($given['role']) ? GridCell::role($given['role']) : $circuit->role,
        );
    }

    /**
     * @param  array<string, string>  $given
     * @return array{Panel, Circuit}
     *
     * @throws Refused by column
     */
    private function added(array $given): array
    {
        $panel = $this->panelNamed($given['panel'] ?? '');
        if (($given['amps'] ?? '') === '') {
            throw CircuitPart::form()->field('amps')->missing();
        }
        $breaker = GridCell::breaker($given['amps']);
        $position = ($given['space'] ?? '') === ''
            ? self::free($panel, $breaker->poles ?? 1)
            : GridCell::position($given['space'], $breaker->poles ?? 1);
        $circuit = new Circuit(
            ($this->newKey)(), $position, $breaker->amps[0], '', $breaker->protection ?? Protection::None,
        );

        return [$panel, $this->withBreaker($circuit, array_intersect_key($given, ['name' => 0, 'note' => 0, 'role' => 0]))];
    }

    /** @throws Refused on "panel" */
    private function panelNamed(string $name): Panel
    {
        $names = [];
        foreach ($this->panels as $panel) {
            $names[] = $panel->name;
            if (count($this->panels) === 1 || mb_strtolower($panel->name) === mb_strtolower($name)) {
                return $panel;
            }
        }
        throw new Refused('panel', $names === []
            ? 'Panel: there is none yet. Add one in the survey.'
            : sprintf('Panel must be one of %s; "%s" was given.', implode(', ', $names), mb_strimwidth($name, 0, 40, '…')));
    }

    /** @throws Refused on "space" */
    private static function free(Panel $panel, int $poles): Position
    {
        $free = $panel->freeSpaces();
        foreach ($free as $space) {
            if ($poles === 1 || in_array($space + 2, $free, true)) {
                return new Position($space, $poles);
            }
        }
        throw new Refused('space', sprintf('Space: %s has no free place for %d pole%s.', $panel->name, $poles, $poles === 1 ? '' : 's'));
    }

    /**
     * @param  array<string, string>  $given
     * @return array{Circuit, string} with the id of the load that the line speaks of; empty: none
     *
     * @throws Refused by column
     */
    private function withLoad(Circuit $circuit, string $id, array $given): array
    {
        $there = $circuit->load($id);
        $said = array_intersect_key($given, array_flip(GridColumns::OF_LOAD));
        if ($said === []) {
            return [$circuit, $id];
        }
        $form = LoadPart::form();
        $watts = fn (string $name, ?float $before): ?float => isset($said[$name])
            ? self::number($form->field($name)->read($form->field($name)->type->fromText($said[$name])))
            : $before;
        $run = $watts('run_w', $there?->runW);
        $start = $watts('start_w', $there?->startW);
        $name = $said['load'] ?? $there->name ?? '';
        if ($name === '' && $run === null && $start === null) {
            $others = array_values(array_filter($circuit->loads, fn (Load $load): bool => $load !== $there));

            return [$circuit->with(loads: $others), ''];
        }
        if ($there !== null && $name === '') {
            throw new Refused('load', 'Load is missing: its watts are still there. Empty them as well to take the load away.');
        }
        $load = $this->loadOf($there, $id === '' ? ($this->newKey)() : $id, $circuit, $name, $run, $start);
        $loads = $there === null
            ? [...$circuit->loads, $load]
            : array_map(fn (Load $each): Load => $each === $there ? $load : $each, $circuit->loads);

        return [$circuit->with(loads: $loads), $load->id];
    }

    /** A load that the library knows by its name is of that kind, until somebody says another. */
    private function loadOf(?Load $there, string $id, Circuit $circuit, string $name, ?float $run, ?float $start): Load
    {
        $called = $name !== '' ? $name : ($circuit->name !== '' ? $circuit->name : 'Load');
        $isOpen = $there === null || ($there->kind === LoadKind::Other && $there->name !== $called);
        $typical = $isOpen ? $this->library->named($called, $circuit->leg()->volts()) : null;

        try {
            return ($there ?? new Load($id, $called))->with(
                name: self::text(LoadPart::form()->field('name')->read($called)), kind: $typical->kind ?? $there->kind ?? LoadKind::Other,
                runW: $run, startW: $start, pf: $typical->pf ?? $there->pf ?? 1.0,
            );
        } catch (Refused $refused) {
            throw $refused->field === 'name' ? new Refused('load', $refused->getMessage()) : $refused;
        }
    }

    /** @throws Refused on "space" */
    private function hung(Panel $panel, Circuit $circuit): Panel
    {
        $before = $panel->circuit($circuit->id);
        $fresh = $before === null
            ? $panel->with(circuits: [...$panel->circuits, $circuit])
            : $panel->withCircuit($circuit);
        if ($before?->position != $circuit->position) {
            $old = array_map(fn ($fault): string => $fault->message, $panel->positionFaults());
            foreach ($fresh->positionFaults() as $fault) {
                if (! in_array($fault->message, $old, true)) {
                    throw new Refused('space', $fault->message);
                }
            }
        }

        return $fresh;
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    private static function number(mixed $value): ?float
    {
        return is_float($value) || is_int($value) ? (float) $value : null;
    }
}

<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use stdClass;
use Underpin\Exchange\JobPatch;
use Underpin\Refused;

/**
 * Changes as they were once kept, row by row, turned into events in the terms of a job file: the rows
 * are wound back one change after the other, and what differs between two states is the event.
 */
final class OldHistory
{
    /** @var array<string, array<int, array<string, mixed>>> rows by table and id */
    private array $rows;

    /**
     * @param  array<string, array<int, array<string, mixed>>>  $rows  of one job as they are now: jobs, panels, circuits, loads, photos,
     * interval_records
     * @param  int  $at  the last change that holds; later ones were taken back
     * @param  list<array{seq: int, user_id: ?int, by: string, label: string, ops: list<array{table: string, id: int,
     * before: ?array<string, mixed>, after: ?array<string, mixed>}>, created_at: string}>  $changes  in their order
     */
    public function __construct(array $rows, private readonly int $at, private readonly array $changes)
    {
        $this->rows = $rows;
    }

    /** @return list<array<string, mixed>> columns of the events: every change, then a step back for each that was taken back */
    public function events(): array
    {
        foreach ($this->changes as $change) {
            if ($change['seq'] > $this->at) {
                $this->apply($change['ops'], 'after');
            }
        }
        $patches = [];
        $after = $this->state();
        foreach (array_reverse($this->changes) as $change) {
            $this->apply(array_reverse($change['ops']), 'before');
            $before = $this->state();
            $patches[$change['seq']] = JobPatch::between($before, $after);
            $after = $before;
        }

        return $this->numbered($patches);
    }

    /**
     * @param  array<int, JobPatch>  $patches  by the number of the change
     * @return list<array<string, mixed>>
     */
    private function numbered(array $patches): array
    {
        $events = [];
        $tops = [];
        $top = null;
        foreach ($this->changes as $change) {
            $seq = count($events) + 1;
            $tops[] = [$seq, $top];
            $events[] = [
                'seq' => $seq, 'user_id' => $change['user_id'], 'by' => $change['by'], 'label' => $change['label'],
                'created_at' => $change['created_at'],
                'changes' => json_encode($patches[$change['seq']]->changes, JSON_THROW_ON_ERROR), 'undoes' => null,
                'undo_top' => $seq, 'undo_below' => $top, 'redo_top' => null, 'redo_below' => null,
            ];
            $top = $seq;
        }
        $redo = null;
        foreach (array_reverse($this->changes) as $change) {
            if ($change['seq'] <= $this->at || $tops === []) {
                break;
            }
            [$undone, $below] = array_pop($tops);
            $seq = count($events) + 1;
            $events[] = [
                'seq' => $seq, 'user_id' => $change['user_id'], 'by' => $change['by'], 'label' => $change['label'],
                'created_at' => $change['created_at'],
                'changes' => json_encode($patches[$change['seq']]->backwards()->changes, JSON_THROW_ON_ERROR), 'undoes' => $undone,
                'undo_top' => $below, 'undo_below' => null, 'redo_top' => $seq, 'redo_below' => $redo,
            ];
            $redo = $seq;
        }

        return $events;
    }

    /**
     * @param  list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}>  $ops
     * @param  'before'|'after'  $which
     */
    private function apply(array $ops, string $which): void
    {
        foreach ($ops as $op) {
            $columns = $op[$which];
            if ($columns === null) {
                unset($this->rows[$op['table']][$op['id']]);
            } else {
                $this->rows[$op['table']][$op['id']] = [...$this->rows[$op['table']][$op['id']] ?? [], ...$columns, 'id' => $op['id']];
            }
        }
    }

    /** @return array<string, mixed> of the job as the rows stand, by part */
    private function state(): array
    {
        $job = (new Job)->setRawAttributes(array_values($this->rows['jobs'])[0] ?? []);
        try {
            $file = JobRows::assemble($job, $this->rowsOf('panels'), $this->rowsOf('circuits'), $this->rowsOf('loads'));
        } catch (Refused) {
            // A state that makes no sense by today's rules: its step stays in the list without what it changed.
            return [];
        }
        $photos = array_map(fn (array $row): array => ['id' => $row['key']] + array_intersect_key($row, array_flip([
            'of', 'of_key', 'name', 'width', 'height', 'bytes', 'hash', 'small_hash', 'added_at',
        ])), array_values($this->rows['photos'] ?? []));
        $intervals = array_map(
            fn (array $row): array => ['id' => 'utility'] + array_intersect_key($row, array_flip(['file', 'hash', 'added_at'])),
            array_values($this->rows['interval_records'] ?? []),
        );

        return (new JobState($file, new Attachments($photos, [], $intervals)))->toArray();
    }

    /** @return list<stdClass> */
    private function rowsOf(string $table): array
    {
        return array_map(fn (array $row): stdClass => (object) $row, array_values($this->rows[$table] ?? []));
    }
}

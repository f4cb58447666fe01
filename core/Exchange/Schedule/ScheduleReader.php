<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Csv\CsvText;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Refused;

/**
 * A panel schedule from CSV. One row a load; rows of one panel and space are one circuit. Every
 * fault is reported with its row and column, and the rows without fault make the panels.
 */
final class ScheduleReader
{
    public const MOST_ROWS = 2_000;

    /** @var array<string, list<array{ScheduleRow, Circuit}>> circuits by panel name */
    private array $circuits = [];

    /** @var list<RowFault> */
    private array $faults = [];

    private int $good = 0;

    private int $bad = 0;

    private int $loads = 0;

    /** @param  list<Panel>  $known panels that the job has already, for their size and settings */
    private function __construct(private readonly array $known)
    {
    }

    /**
     * @param  list<Panel>  $known
     *
     * @throws Refused on "file" when it is no table with a space column, or far too large
     */
    public static function read(string $bytes, array $known = []): ScheduleReading
    {
        $rows = CsvText::rows($bytes);
        if ($rows === []) {
            throw new Refused('file', 'The file is empty.');
        }
        if (count($rows) > self::MOST_ROWS + 1) {
            throw new Refused(
                'file',
                sprintf(
                    'The file has %s rows; a schedule may have at most %s.', number_format(count($rows) - 1),
                    number_format(self::MOST_ROWS),
                ),
            );
        }
        [, $headings] = array_shift($rows);
        [$columns, $ignored] = self::columns($headings);
        if (! in_array(ScheduleColumn::Space, $columns, true)) {
            throw new Refused(
                'file',
                'The first row must name the columns, among them "space". Found: '.mb_substr(
                    implode(', ', array_map(CsvText::meant(...), $headings)), 0, 200,
                ).'.',
            );
        }
        $reader = new self($known);
        $parsed = [];
        foreach ($rows as [$line, $cells]) {
            $named = [];
            foreach ($columns as $i => $column) {
                $named[$column->value] = $cells[$i] ?? '';
            }
            $parsed[] = new ScheduleRow($line, $named);
        }
        $reader->takeAll($parsed);

        return new ScheduleReading($reader->panels(), $reader->faults, $ignored, $reader->good, $reader->bad);
    }

    /**
     * @param  list<string>  $headings
     * @return array{array<int, ScheduleColumn>, list<string>} columns by place, and the names of those not known
     */
    private static function columns(array $headings): array
    {
        $columns = [];
        $ignored = [];
        foreach ($headings as $i => $heading) {
            $name = CsvText::meant($heading);
            $column = ScheduleColumn::named($name);
            if ($column !== null && ! in_array($column, $columns, true)) {
                $columns[$i] = $column;
            } elseif ($name !== '') {
                $ignored[] = $name;
            }
        }

        return [$columns, $ignored];
    }

    /** @param  list<ScheduleRow>  $rows */
    private function takeAll(array $rows): void
    {
        $positions = array_map(fn (ScheduleRow $row): ?Position => $row->position(), $rows);
        $highest = [];
        foreach ($rows as $i => $row) {
            $name = $this->nameOf($row);
            $highest[$name] = max($highest[$name] ?? 0, $positions[$i]->space ?? 0);
        }
        foreach ($rows as $i => $row) {
            if ($positions[$i] !== null) {
                $this->take($row, $positions[$i], $this->spacesOf($this->nameOf($row), $highest[$this->nameOf($row)]));
            } else {
                $row->circuit('unplaced', new Position(1)); // so that its other cells' faults are told as well
                $row->load('unplaced');
            }
            array_push($this->faults, ...$row->faults());
            $row->faults() === [] ? $this->good++ : $this->bad++;
        }
    }

    private function take(ScheduleRow $row, Position $position, int $spaces): void
    {
        $panel = $this->nameOf($row);
        if (max($position->spaces()) > $spaces) {
            $row->fault(ScheduleColumn::Space, "{$position->label()} runs off the end: $panel has $spaces spaces");
        }
        $place = $this->placeOf($panel, $position);
        $first = $place === null ? null : $this->circuits[$panel][$place];
        if ($first === null) {
            $this->refuseClash($row, $panel, $position);
        }
        $circuit = $first !== null && ! $row->describesBreaker()
            ? $first[1]
            : $row->circuit('c'.$row->line, $position);
        $load = $row->load('l'.(++$this->loads));
        if ($first !== null && $circuit !== null && ! $this->sameBreaker($first[1], $circuit)) {
            $row->fault(
                ScheduleColumn::Space,
                "{$position->label()} is used twice: row {$first[0]->line} has {$first[1]->breakerAmps} A {$first[1]->name} there",
            );
        }
        if ($circuit === null || $row->faults() !== []) {
            return;
        }
        if ($place === null) {
            $this->circuits[$panel][] = [$row, self::withLoad($circuit, $load)];
        } elseif ($load !== null) {
            $this->circuits[$panel][$place][1] = self::withLoad($this->circuits[$panel][$place][1], $load);
        }
    }

    /** The circuit that sits in exactly this slot already. */
    private function placeOf(string $panel, Position $position): ?int
    {
        foreach ($this->circuits[$panel] ?? [] as $i => [, $circuit]) {
            if ($circuit->position == $position) {
                return $i;
            }
        }

        return null;
    }

    private function refuseClash(ScheduleRow $row, string $panel, Position $position): void
    {
        foreach ($this->circuits[$panel] ?? [] as [$earlier, $circuit]) {
            if ($circuit->position->clashesWith($position)) {
                $row->fault(ScheduleColumn::Space, "{$position->label()} is used twice: row $earlier->line has {$circuit->title()} there");

                return;
            }
        }
    }

    private function sameBreaker(Circuit $first, Circuit $later): bool
    {
        return $first->breakerAmps === $later->breakerAmps
            && ($later->name === '' || $first->name === $later->name);
    }

    private static function withLoad(Circuit $c, ?Load $load): Circuit
    {
        return $load === null
            ? $c
            : new Circuit($c->id, $c->position, $c->breakerAmps, $c->name, $c->protection, $c->role, $c->note, [...$c->loads, $load]);
    }

    private function nameOf(ScheduleRow $row): string
    {
        $name = $row->panelName();

        return $name !== '' ? $name : ($this->known[0]->name ?? 'Main panel');
    }

    private function knownPanel(string $name): ?Panel
    {
        foreach ($this->known as $panel) {
            if (mb_strtolower($panel->name) === mb_strtolower($name)) {
                return $panel;
            }
        }

        return null;
    }

    /** The panel's own size, or the smallest common one that has the highest space named. */
    private function spacesOf(string $name, int $highest): int
    {
        $known = $this->knownPanel($name);
        if ($known !== null && $known->circuits !== []) {
            return $known->spaces;
        }
        foreach (Panel::COMMON_SPACES as $spaces) {
            if ($spaces >= max($highest, $known->spaces ?? 0)) {
                return $spaces;
            }
        }

        return Position::HIGHEST_SPACE;
    }

    /** @return list<Panel> */
    private function panels(): array
    {
        $panels = [];
        foreach ($this->circuits as $name => $entries) {
            $name = (string) $name;
            $circuits = array_map(fn (array $entry): Circuit => $entry[1], $entries);
            usort($circuits, fn (Circuit $x, Circuit $y): int => [$x->position->space, $x->label()] <=> [$y->position->space, $y->label()]);
            $highest = max([0, ...array_map(fn (Circuit $c): int => max($c->position->spaces()), $circuits)]);
            $known = $this->knownPanel($name);
            $panels[] = new Panel(
                'p'.(count($panels) + 1),
                $known->name ?? $name,
                $this->spacesOf($name, $highest),
                $known->kind ?? ($panels === [] && $this->known === [] ? PanelKind::Main : PanelKind::Sub),
                $known?->mainAmps,
                $known?->interlockListed,
                $known->interlockSpace ?? 1,
                $known?->hasMultiwire,
                $circuits,
            );
        }

        return $panels;
    }
}

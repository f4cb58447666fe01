<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Exchange\Schedule\Sheet\SheetChoices;
use Underpin\Exchange\Schedule\Sheet\SheetCircuit;
use Underpin\Exchange\Schedule\Sheet\SheetLoad;
use Underpin\Exchange\Schedule\Sheet\SheetReader;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Name;
use Underpin\Refused;

/**
 * The panels that a sheet makes of a job. Every fault is reported with its row and column, and the
 * rows without fault make the panels.
 */
final class ScheduleReader
{
    public const MOST_ROWS = 2_000;

    /** @var list<RowFault> */
    private array $faults = [];

    private int $loads = 0;

    /** @var list<PanelSize> */
    private array $sizes = [];

    /** @param  list<Panel>  $known panels that the job has already, for their size and settings */
    private function __construct(private readonly array $known, private readonly SheetChoices $choices)
    {
    }

    /**
     * @param  list<Panel>  $known
     *
     * @throws Refused on "file" when nothing in it is a schedule, or it is far too large
     */
    public static function read(string $bytes, array $known = [], SheetChoices $choices = new SheetChoices): ScheduleReading
    {
        $sheet = SheetReader::read($bytes, $choices);
        $reader = new self($known, $choices);
        $panels = [];
        foreach ($sheet->panels as $place => $found) {
            $panel = $reader->panel($place, $found['name'], $found['circuits'], $panels === []);
            if ($panel->circuits !== []) {
                $panels[] = $panel->with(id: 'p'.(count($panels) + 1));
            }
        }
        $faults = [...$sheet->faults, ...$reader->faults];
        usort($faults, fn (RowFault $x, RowFault $y): int => $x->row <=> $y->row);
        $alsoBad = count(array_unique(array_map(fn (RowFault $fault): int => $fault->row, $reader->faults)));

        return new ScheduleReading(
            $panels, $faults, $sheet->unknown, $sheet->goodRows - $alsoBad, $sheet->badRows + $alsoBad, $sheet->doubts, $sheet->meanings,
            $sheet->sheetColumns, $sheet->marks(), $reader->sizes,
        );
    }

    /** @param  list<SheetCircuit>  $found */
    private function panel(int $place, ?string $name, array $found, bool $isFirst): Panel
    {
        $name ??= $this->known[0]->name ?? 'Main panel';
        $known = $this->knownPanel($name);
        $spaces = $this->spaces($place, $name, $known, $found);
        $circuits = [];
        foreach ($found as $circuit) {
            $made = $this->circuit($circuit, $known->name ?? $name, $spaces);
            if ($made !== null) {
                $circuits[] = $made;
            }
        }

        return new Panel(
            'p', $known->name ?? $name, $spaces, $known->kind ?? ($isFirst && $this->known === [] ? PanelKind::Main : PanelKind::Sub),
            $known?->mainAmps, $known?->interlockListed, $known->interlockSpace ?? 1, $known?->hasMultiwire, $circuits,
        );
    }

    private function circuit(SheetCircuit $found, string $panel, int $spaces): ?Circuit
    {
        $last = $found->space + ($found->poles === 2 ? 2 : 0);
        if ($last > $spaces) {
            $this->faults[] = new RowFault($found->row, 'space', "space {$found->label()} runs off the end: $panel has $spaces spaces.");

            return null;
        }
        if ($found->amps === null) {
            $this->faults[] = new RowFault($found->row, 'amps', 'amps is missing: the rating of the breaker.');

            return null;
        }
        $name = mb_substr($found->name, 0, 100);

        return new Circuit(
            "c$found->row".($found->half->value ?? ''), new Position($found->space, $found->poles, $found->half), $found->amps, $name,
            $found->protection, $found->role ?? Role::Off, $found->note,
            array_map(fn (SheetLoad $load): Load => $this->load($load, $name), $found->loads),
        );
    }

    private function load(SheetLoad $load, string $circuit): Load
    {
        return new Load(
            'l'.(++$this->loads), $load->name ?? ($circuit === '' ? 'load' : $circuit), $load->kind ?? LoadKind::Other, $load->runW,
            $load->startW, $load->pf ?? 1.0,
        );
    }

    private function knownPanel(string $name): ?Panel
    {
        foreach ($this->known as $panel) {
            if (Name::same($panel->name, $name)) {
                return $panel;
            }
        }

        return null;
    }

    /**
     * The panel's own size where it has breakers; else what a person said, its own size, or the smallest
     * common one that has the highest space named.
     *
     * @param  list<SheetCircuit>  $found
     */
    private function spaces(int $place, string $name, ?Panel $known, array $found): int
    {
        if ($known !== null && $known->circuits !== []) {
            return $known->spaces;
        }
        // The one blank panel of a new job takes the sheet's name.
        $blank = $known ?? (count($this->known) === 1 && $this->known[0]->circuits === [] && $place === 0 ? $this->known[0] : null);
        $highest = max([0, ...array_map(fn (SheetCircuit $c): int => $c->space, $found)]);
        $spaces = $this->choices->spaces[$place] ?? $blank->spaces ?? PanelSize::holding($highest);
        $size = new PanelSize($place, $name, $blank?->spaces, $highest, $spaces);
        if ($size->isOpen()) {
            $this->sizes[] = $size;
        }

        return $spaces;
    }
}

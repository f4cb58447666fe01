<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Csv\CsvText;
use Underpin\Csv\NumberColumn;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Exchange\Schedule\ScheduleReader;
use Underpin\Name;
use Underpin\Refused;

/** Any sheet that a person would call a panel schedule. */
final class SheetReader
{
    /** @var array<string, array{name: ?string, circuits: list<SheetCircuit>}> by the key of the panel's name */
    private array $panels = [];

    /** @var list<RowDoubt> */
    private array $doubts = [];

    /** @var list<RowFault> */
    private array $faults = [];

    /** @var array<int, true> rows that gave something */
    private array $good = [];

    /** @var array<int, array<string, true>> what was found in a column of breakers, by its place */
    private array $held = [];

    /** @param  array<int, NumberColumn>  $numbers  by the place of the column */
    private function __construct(private readonly SheetHead $head, private readonly array $numbers)
    {
    }

    /** @throws Refused on "file" when nothing in it is a schedule, or it is far too large */
    public static function read(string $bytes, SheetChoices $choices = new SheetChoices): SheetReading
    {
        $table = CsvText::table($bytes);
        $rows = $table->rows;
        if ($rows === []) {
            throw new Refused('file', 'The file is empty.');
        }
        if (count($rows) > ScheduleReader::MOST_ROWS + 1) {
            throw new Refused('file', sprintf(
                'The file has %s rows; a schedule may have at most %s.', number_format(count($rows)),
                number_format(ScheduleReader::MOST_ROWS),
            ));
        }
        $head = SheetHead::of($rows, $choices);
        if ($head->sides === []) {
            throw new Refused(
                'file', 'Nothing in it is a panel schedule: no column numbers the spaces. Name it "space", "ckt" or "circuit #".',
            );
        }
        $reader = new self($head, $head->numbers($table->delimiter, $choices->mark));
        foreach ($head->rows as [$line, $cells]) {
            foreach ($head->sides as $meanings) {
                $reader->take(new SheetRow($line, $cells, $meanings, $reader->numbers), $meanings);
            }
        }

        $bad = array_unique(array_map(fn (RowFault $fault): int => $fault->row, $reader->faults));
        $meanings = array_merge(...array_map(array_values(...), $head->sides));

        return new SheetReading(
            $reader->panels(), $reader->columns(), $reader->doubts, $reader->faults, $meanings, $reader->unknown(), $head->columns(),
            $reader->numbers, count(array_diff_key($reader->good, array_flip($bad))), count($bad),
        );
    }

    /** @param  array<int, Meaning>  $meanings */
    private function take(SheetRow $row, array $meanings): void
    {
        $place = array_search(Meaning::Amps, $meanings, true);
        foreach ($place === false ? [] : $row->breaker()->order ?? [] as $what) {
            $this->held[$place][$what] = true;
        }
        $circuits = $row->circuits();
        $key = Name::key($row->panel() ?? '');
        foreach ($row->faults() === [] ? $circuits : [] as $circuit) {
            $this->good[$row->line] = true;
            $this->panels[$key] ??= ['name' => $row->panel(), 'circuits' => []];
            $this->put($key, $circuit);
        }
        array_push($this->faults, ...$row->faults());
        array_push($this->doubts, ...$row->doubts());
    }

    /** A breaker of its own, a load for one above, or the second row of a two-pole. */
    private function put(string $key, SheetCircuit $circuit): void
    {
        foreach ($this->panels[$key]['circuits'] as $i => $other) {
            if (array_intersect($other->places(), $circuit->places()) === []) {
                continue;
            }
            $saysTheSame = ($circuit->amps === null || $circuit->amps === $other->amps)
                && ($circuit->name === '' || $circuit->name === '"' || Name::same($circuit->name, $other->name));
            $isSecondRow = $other->poles === 2 && $circuit->space === $other->space + 2;
            if ($saysTheSame && ($isSecondRow || ($circuit->space === $other->space && $circuit->half === $other->half))) {
                $this->panels[$key]['circuits'][$i] = $other->withLoads(...$circuit->loads);
            } else {
                $this->faults[] = new RowFault(
                    $circuit->row, 'space',
                    "space {$circuit->label()} is used twice: row $other->row has ".trim("$other->amps A $other->name").' there.',
                );
            }

            return;
        }
        $this->panels[$key]['circuits'][] = $circuit;
    }

    /** @return list<array{name: ?string, circuits: list<SheetCircuit>}> */
    private function panels(): array
    {
        $panels = array_values($this->panels);
        foreach ($panels as &$panel) {
            usort(
                $panel['circuits'],
                fn (SheetCircuit $x, SheetCircuit $y): int => [$x->space, $x->half->value ?? ''] <=> [$y->space, $y->half->value ?? ''],
            );
        }

        return $panels;
    }

    /** @return list<string> heads of columns that hold nothing a schedule has */
    private function unknown(): array
    {
        $taken = array_merge(...array_map(array_keys(...), $this->head->sides));

        return array_values(array_filter(
            $this->head->words,
            fn (string $word, int $place): bool => $word !== '' && ! in_array($place, $taken, true), ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** @return array<int, ?string> */
    private function columns(): array
    {
        $widest = max([0, ...array_map(fn (array $row): int => count($row[1]), $this->head->rows)]);
        $columns = array_fill(0, $widest, null);
        foreach ($this->head->sides as $meanings) {
            foreach ($meanings as $place => $meaning) {
                $held = array_keys($this->held[$place] ?? []);
                $columns[$place] = $meaning === Meaning::Amps && $held !== [] ? implode('+', $held) : $meaning->value;
            }
        }
        ksort($columns);

        return $columns;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Exchange\Schedule\RowFault;

/** A panel schedule as read from any sheet: the breakers of its good rows, what to look at, and what was not taken. */
final readonly class SheetReading
{
    /**
     * @param  list<array{name: ?string, circuits: list<SheetCircuit>}>  $panels  circuits in the order of their spaces
     * @param  array<int, ?string>  $columns  what each was taken for, by its place from 0; null: it was left out
     * @param  list<RowDoubt>  $doubts
     * @param  list<RowFault>  $faults
     * @param  list<Meaning>  $meanings  what there is a column for
     * @param  list<string>  $unknown  heads of columns that were left out
     * @param  int  $goodRows  that gave something
     * @param  int  $badRows  with faults
     */
    public function __construct(
        public array $panels,
        public array $columns,
        public array $doubts,
        public array $faults,
        public array $meanings,
        public array $unknown,
        public int $goodRows,
        public int $badRows,
    ) {
    }

    /** @return array<string, mixed> as the command prints it */
    public function toArray(): array
    {
        return [
            'panels' => array_map(fn (array $panel): array => [
                'name' => $panel['name'], 'circuits' => array_map(fn (SheetCircuit $c): array => $c->toArray(), $panel['circuits']),
            ], $this->panels),
            'columns' => (object) $this->columns,
            'doubts' => array_map(fn (RowDoubt $doubt): array => ['row' => $doubt->row, 'message' => $doubt->message], $this->doubts),
            'faults' => array_map(
                fn (RowFault $f): array => ['row' => $f->row, 'column' => $f->column, 'message' => $f->message], $this->faults,
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

use Underpin\Csv\DecimalMark;
use Underpin\Csv\NumberColumn;
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
     * @param  list<SheetColumn>  $sheetColumns  all of them, as a person looks at them
     * @param  array<int, NumberColumn>  $numbers  the columns of figures, by their place
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
        public array $sheetColumns,
        public array $numbers,
        public int $goodRows,
        public int $badRows,
    ) {
    }

    /** @return list<DecimalMark> of its figures, where they have any */
    public function marks(): array
    {
        $marks = array_filter(array_map(fn (NumberColumn $column): ?DecimalMark => $column->mark(), $this->numbers));

        return array_values(array_unique($marks, SORT_REGULAR));
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

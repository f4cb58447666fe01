<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Exchange\Schedule\Sheet\Meaning;
use Underpin\Exchange\Schedule\Sheet\RowDoubt;
use Underpin\Job\Panel;

/** A panel schedule as read: the panels made of its good rows, and every fault in the others. */
final readonly class ScheduleReading
{
    /**
     * @param  list<Panel>  $panels
     * @param  list<RowFault>  $faults
     * @param  list<string>  $ignoredColumns
     * @param  list<RowDoubt>  $doubts
     * @param  list<Meaning>  $meanings  what the sheet has a column for
     * @param  array<int, ?string>  $columns  what each was taken for, by its place from 0; null: it was left out
     */
    public function __construct(
        public array $panels,
        public array $faults,
        public array $ignoredColumns,
        public int $goodRows,
        public int $badRows,
        public array $doubts,
        private array $meanings,
        public array $columns,
    ) {
    }

    public function says(Meaning ...$meanings): bool
    {
        return array_filter($meanings, fn (Meaning $meaning): bool => in_array($meaning, $this->meanings, true)) !== [];
    }
}

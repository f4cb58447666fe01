<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Csv\DecimalMark;
use Underpin\Exchange\Schedule\Sheet\Meaning;
use Underpin\Exchange\Schedule\Sheet\RowDoubt;
use Underpin\Exchange\Schedule\Sheet\SheetColumn;
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
     * @param  list<SheetColumn>  $columns  all of the sheet, with what each was taken for
     * @param  list<DecimalMark>  $marks  of its figures, where they have any
     * @param  list<PanelSize>  $sizes  of panels without breakers, that are to be asked for
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
        public array $marks,
        public array $sizes,
    ) {
    }

    public function says(Meaning ...$meanings): bool
    {
        return array_filter($meanings, fn (Meaning $meaning): bool => in_array($meaning, $this->meanings, true)) !== [];
    }
}

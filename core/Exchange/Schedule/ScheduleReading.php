<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Job\Panel;

/** A panel schedule as read: the panels made of its good rows, and every fault in the others. */
final readonly class ScheduleReading
{
    /**
     * @param  list<Panel>  $panels
     * @param  list<RowFault>  $faults
     * @param  list<string>  $ignoredColumns
     */
    public function __construct(
        public array $panels,
        public array $faults,
        public array $ignoredColumns,
        public int $goodRows,
        public int $badRows,
    ) {
    }
}

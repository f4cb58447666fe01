<?php

declare(strict_types=1);

namespace Underpin\Job\Log;

/** One line of the log of a machine. */
final readonly class LogEntry
{
    public const MOST_HOURS = 100_000.0;

    /**
     * @param  string  $on  YYYY-MM-DD
     * @param  ?float  $hours  that the hour meter showed afterwards; null: not read
     * @param  ?float  $volts  of the starting battery; null: not measured
     * @param  ?float  $gal  of fuel that were filled in
     * @param  ?float  $loadPct  of its rating, of a test under load
     * @param  string  $by  who wrote it; "controller" where the machine did by itself
     */
    public function __construct(
        public string $id, public string $on, public LogKind $kind, public ?float $hours = null, public ?float $volts = null,
        public ?float $gal = null, public ?float $loadPct = null, public string $note = '', public string $by = '',
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Keep;

/** Something that keeps a machine or a switch alive, and when it is due next. */
final readonly class CareItem
{
    /**
     * @param  string  $key  unique in a job
     * @param  string  $of  name of the machine or the switch
     * @param  ?int  $everyMonths  null: not by the calendar
     * @param  ?float  $everyH  null: not by hours
     * @param  string  $lastOn  YYYY-MM-DD; empty: never, as far as is noted
     * @param  ?string  $dueOn  YYYY-MM-DD; null: not known, or so far off that only its hours say when
     * @param  string  $by  "hours" or "days"
     * @param  ?float  $hoursLeft  null: not by hours
     */
    public function __construct(
        public string $key, public string $title, public string $of, public ?int $everyMonths, public ?float $everyH, public string $lastOn,
        public ?string $dueOn, public string $by, public ?float $hoursLeft, public string $why,
    ) {
    }

    /** @param  string  $today  YYYY-MM-DD */
    public function isOverdue(string $today): bool
    {
        return $this->dueOn !== null && $this->dueOn < $today;
    }
}

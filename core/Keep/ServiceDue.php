<?php

declare(strict_types=1);

namespace Underpin\Keep;

/** When an item falls due. */
final readonly class ServiceDue
{
    /**
     * @param  ?float  $inDays  from today, negative when it is overdue; null: never, as far as is known
     * @param  ?string  $on  YYYY-MM-DD; null: never, or after the year 9999
     * @param  ?string  $by  "hours" or "days"; null: neither
     * @param  ?float  $hoursLeft  null: it does not come round by hours, or its last hours are not known
     */
    public function __construct(
        public string $id, public ?float $inDays, public ?string $on, public ?string $by, public ?float $hoursLeft,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Keep;

/** Something that comes round by hours, by days, or by whichever is sooner. */
final readonly class ServiceItem
{
    /**
     * @param  ?float  $everyH  over 0; null: not by hours
     * @param  ?float  $everyDays  over 0; null: not by days
     * @param  ?string  $lastDate  YYYY-MM-DD; null: not known
     * @param  ?float  $lastH  of the hour meter; null: not known
     */
    public function __construct(
        public string $id, public ?float $everyH = null, public ?float $everyDays = null, public ?string $lastDate = null,
        public ?float $lastH = null,
    ) {
    }
}

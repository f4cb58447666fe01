<?php

declare(strict_types=1);

namespace Underpin\Pricing\Estimate;

use Underpin\Job\Quote\LineKind;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice;

/** A line of an estimate with what it costs. */
final readonly class Priced
{
    /**
     * @param  string  $key  the same in every estimate of the job: of the part, of the task, of the extra
     * @param  float  $quantity  that the design takes, in $unit
     * @param  float  $sold  packs that are bought for it, or hours that are worked
     * @param  string  $soldAs  what one of those is
     * @param  ?Money  $cost  to the shop, before what it adds; null: it has no price
     * @param  ?Money  $price  to the customer, before tax; null: it has none
     * @param  list<string>  $because
     * @param  ?PartPrice  $from  the row of the book that it is priced by; null: it is no part, or the book does not have it
     */
    public function __construct(
        public LineKind $kind, public string $key, public string $words, public float $quantity, public string $unit, public float $sold,
        public string $soldAs, public ?Money $cost, public ?Money $price, public array $because = [], public ?PartPrice $from = null,
    ) {
    }
}

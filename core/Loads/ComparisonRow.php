<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Job\LoadBasis;

/** What one way of knowing says: amperes on each leg, volt-amperes together. Null: not known that way yet. */
final readonly class ComparisonRow
{
    public function __construct(
        public LoadBasis $basis,
        public string $what,
        public ?float $aAmps,
        public ?float $bAmps,
        public ?float $totalVa,
        public string $note = '',
    ) {
    }
}

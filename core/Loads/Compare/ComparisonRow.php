<?php

declare(strict_types=1);

namespace Underpin\Loads\Compare;

use Underpin\Loads\School;

/** What one way of knowing says: amperes on each leg, volt-amperes together. Null: not known that way yet. */
final readonly class ComparisonRow
{
    public function __construct(public School $school, public string $what, public ?float $aAmps, public ?float $bAmps, public ?float $totalVa, public string $note = '')
    {
    }
}

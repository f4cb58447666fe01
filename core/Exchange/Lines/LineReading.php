<?php

declare(strict_types=1);

namespace Underpin\Exchange\Lines;

use Underpin\Exchange\Schedule\RowFault;
use Underpin\Form\Values;

/** What a sheet held: rows that can be taken, and what cannot. */
final readonly class LineReading
{
    /**
     * @param  array<int, Values>  $lines  by the number of the row in the file
     * @param  list<RowFault>  $faults
     */
    public function __construct(public array $lines, public array $faults)
    {
    }
}

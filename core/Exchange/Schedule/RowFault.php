<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

/** What is wrong in one cell of a schedule. The row is the line in the file, as an editor counts. */
final readonly class RowFault
{
    public function __construct(public int $row, public string $column, public string $message)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule\Sheet;

/** What was taken, and should be looked at. The row is the line in the file. */
final readonly class RowDoubt
{
    public function __construct(public int $row, public string $message)
    {
    }
}

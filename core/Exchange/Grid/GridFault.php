<?php

declare(strict_types=1);

namespace Underpin\Exchange\Grid;

/** What was not taken of a line, and why: its other cells wait with it. */
final readonly class GridFault
{
    public function __construct(public string $row, public string $column, public string $message)
    {
    }
}

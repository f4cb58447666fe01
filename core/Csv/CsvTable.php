<?php

declare(strict_types=1);

namespace Underpin\Csv;

/** The rows of a small table, and what parts their cells. */
final readonly class CsvTable
{
    /**
     * @param  list<array{int, list<string>}>  $rows  line number of each row in the file, and its cells; blank rows left out
     * @param  string  $delimiter  one character
     */
    public function __construct(public array $rows, public string $delimiter)
    {
    }
}

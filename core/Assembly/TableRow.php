<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** A row of the wire table: what it says, and the id of the part that it belongs to. */
final readonly class TableRow
{
    /** @param  bool  $isFirst  the first row of its part */
    public function __construct(public string $part, public Line $line, public bool $isFirst)
    {
    }
}

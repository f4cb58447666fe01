<?php

declare(strict_types=1);

namespace Underpin\Csv;

use DomainException;

/** A later value of a column shows that earlier ones, which either mark would read, were read with the wrong one. */
final class OtherMark extends DomainException
{
    public function __construct(public readonly DecimalMark $mark)
    {
        parent::__construct("The column has $mark->value marks.");
    }
}

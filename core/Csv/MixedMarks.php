<?php

declare(strict_types=1);

namespace Underpin\Csv;

use DomainException;

/** A value has the other decimal mark than its column. */
final class MixedMarks extends DomainException
{
    public function __construct(string $text, DecimalMark $mark)
    {
        $short = mb_strimwidth(mb_scrub($text), 0, 40, '…');
        parent::__construct("\"$short\" is no number with a decimal $mark->value, as its column has");
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Csv;

use DomainException;

/** A value has the other decimal mark than its column. */
final class MixedMarks extends DomainException
{
    public function __construct(string $text, DecimalMark $mark)
    {
        parent::__construct(sprintf('"%s" is no number with a decimal %s, as its column has', mb_strimwidth(mb_scrub($text), 0, 40, '…'), $mark->value));
    }
}

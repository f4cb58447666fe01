<?php

declare(strict_types=1);

namespace Underpin\Exchange;

use DomainException;
use Underpin\Refused;

/** Everything that is wrong with a job file, each with the path to it. */
final class JobFileFaults extends DomainException
{
    /** @param  non-empty-list<Refused>  $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', array_map(fn (Refused $f): string => trim("$f->field: ".$f->getMessage()), $faults)));
    }
}

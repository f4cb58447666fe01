<?php

declare(strict_types=1);

namespace Underpin\Checks;

/** One thing that can be wrong with a job. */
interface Check
{
    /** @return iterable<Finding> */
    public function findings(Facts $facts): iterable;
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** One thing that can be wrong with a job. */
interface Check
{
    /** @return iterable<Finding> */
    public function findings(Design $design): iterable;
}

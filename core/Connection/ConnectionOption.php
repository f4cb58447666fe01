<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\JobFile\JobFile;

/** One way to bring a generator to the loads, and the rules that decide whether it can be done. */
interface ConnectionOption
{
    public function judge(JobFile $job): ConnectionVerdict;
}

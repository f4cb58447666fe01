<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\CordEnds;
use Underpin\Checks\Code;

final class MaleMale implements Rule
{
    public function code(): Code
    {
        return Code::MaleMale;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->cord->none ? false : ($it->cord->ends === null ? null : $it->cord->ends === CordEnds::MaleMale);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The cord has two male ends.',
            'Whichever end is out carries live bare pins, and it feeds a wall outlet with nothing in between.',
            'Take it out of the house and cut it up. The cord is male at the machine and female at the inlet.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class AfciLost implements Rule
{
    public function code(): Code
    {
        return Code::AfciLost;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::not($it->transfer->afciKept);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'AFCI or GFCI protection is lost in one position of the switch.',
            'On the generator the panel\'s own breaker is out of the circuit.',
            'A breaker of the same kind in the switch, or protection downstream of it.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class SplicesForbidden implements Rule
{
    public function code(): Code
    {
        return Code::SplicesForbidden;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::all($it->transfer->splicesInPanel, Fact::not($it->local->splicesAllowed));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Circuits are spliced in the panel, which is not allowed here.',
            'The inspector turns it down, and all of it is done again.',
            'Longer cable to the switch, or a junction box beside the panel.',
        );
    }
}

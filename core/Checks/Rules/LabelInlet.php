<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class LabelInlet implements Rule
{
    public function code(): Code
    {
        return Code::LabelInlet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none ? false : Fact::not($it->signs->inlet);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The inlet is not marked.',
            'Somebody plugs in a machine whose neutral does not fit.',
            'A sign at the inlet: for a bonded or for a floating neutral only, as the switch asks.',
        );
    }
}

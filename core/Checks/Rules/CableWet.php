<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Arrangement\RunMethod;
use Underpin\Checks\Code;

final class CableWet implements Rule
{
    public function code(): Code
    {
        return Code::WiringWet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->wiring->none ? false : Fact::all(
            $it->wiring->method === null ? null : $it->wiring->method === RunMethod::Nm, $it->wiring->wet,
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'NM cable is planned through a wet place.',
            'It takes up water and rots from inside.',
            'Use THWN-2 in conduit there.',
        );
    }
}

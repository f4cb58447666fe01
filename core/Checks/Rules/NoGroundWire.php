<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NoGroundWire implements Rule
{
    public function code(): Code
    {
        return Code::NoGroundWire;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::any(
            $it->cord->none ? false : Fact::not($it->cord->ground), $it->wiring->none ? false : Fact::not($it->wiring->ground),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            $it->cord->ground === false ? 'The cord has no ground wire.' : 'The run to the house has no ground.',
            'A fault finds no way back: no breaker opens, and every metal case stays live.',
            'A cord with its ground wire; a wire, or a metal raceway that serves as one, in the run.',
        );
    }
}

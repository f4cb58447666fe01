<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class InletExposed implements Rule
{
    public function code(): Code
    {
        return Code::InletExposed;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none ? false : Fact::not($it->inlet->maleRecessed);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The pins of the inlet stand open.',
            'If anything feeds it from behind, they are live to the touch.',
            'A flanged inlet with recessed male pins and a cover, fed by nothing but its cord.',
        );
    }
}

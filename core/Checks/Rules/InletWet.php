<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class InletWet implements Rule
{
    public function code(): Code
    {
        return Code::InletWet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none ? false : Fact::not($it->inlet->wetRated);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The inlet is not rated for a wet place.',
            'Water gets in, contacts corrode, and a case may be live.',
            'An inlet box listed for wet places, with its cover.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class GeneratorUnlisted implements Rule
{
    public function code(): Code
    {
        return Code::GeneratorUnlisted;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->generator->listed);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The machine is not listed.',
            'Nobody has tried it as what it is sold for, and the inspector turns it down.',
            'A listed machine, or the authority\'s approval in writing.',
        );
    }
}

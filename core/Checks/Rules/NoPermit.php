<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NoPermit implements Rule
{
    public function code(): Code
    {
        return Code::NoPermit;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->local->permit);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'There is no permit.',
            'Without one nobody else looks at the work, and an insurer may not pay.',
            'Ask the authority before the work begins.',
        );
    }
}

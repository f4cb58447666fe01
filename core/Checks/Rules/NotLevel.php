<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NotLevel implements Rule
{
    public function code(): Code
    {
        return Code::NotLevel;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->place->level);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The machine does not stand level.',
            'Oil runs to one side: the engine starves or stops.',
            'A level pad or platform.',
        );
    }
}

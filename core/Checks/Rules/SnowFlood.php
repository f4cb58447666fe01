<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class SnowFlood implements Rule
{
    public function code(): Code
    {
        return Code::SnowFlood;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->place->aboveFloodAndSnow);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Snow or water can reach the machine.',
            'It stops in the very storm that it is for, and exhaust under snow finds its way in.',
            'A platform above the deepest snow and the flood line.',
        );
    }
}

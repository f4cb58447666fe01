<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NotServiceRated implements Rule
{
    public function code(): Code
    {
        return Code::NotServiceRated;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::all($it->transfer->atService, Fact::not($it->transfer->serviceRated));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The switch is the service disconnect, and it is not marked as suitable for that.',
            'Its withstand rating, its bond and its disconnect are not made for what the utility can feed.',
            'A switch marked suitable for use as service equipment, or a service disconnect ahead of it.',
        );
    }
}

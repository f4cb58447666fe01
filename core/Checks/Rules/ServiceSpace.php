<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\StandbyPlace;

final class ServiceSpace implements Rule
{
    public function code(): Code
    {
        return Code::ServiceSpace;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::under($it->place->serviceFt, StandbyPlace::SERVICE_FT);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'There are '.number_format($it->place->serviceFt ?? 0.0, 1).' ft to work at the machine.',
            'Nobody can service it, or get away from it.',
            '3 ft on the sides from which it is served, and what its label says.',
        );
    }
}

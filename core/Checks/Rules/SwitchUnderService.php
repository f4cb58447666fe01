<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class SwitchUnderService implements Rule
{
    public function code(): Code
    {
        return Code::SwitchUnderService;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::all(
            $it->transfer->atService, Fact::under($it->transfer->amps, $it->transfer->serviceAmps),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The switch is rated %s A, the service %s A.',
                Say::figure($it->transfer->amps), Say::figure($it->transfer->serviceAmps),
            ),
            'All that the house draws from the utility flows through it.',
            'A switch of at least the rating of the service disconnect.',
        );
    }
}

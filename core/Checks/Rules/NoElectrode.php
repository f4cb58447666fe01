<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NoElectrode implements Rule
{
    public function code(): Code
    {
        return Code::NoElectrode;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::all(
            $it->transfer->switchesNeutral, $it->generator->bonded, Fact::not($it->transfer->electrode),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'A separately derived machine has no electrode.',
            'Its frame and its neutral float against the earth that people stand on.',
            'Connect its grounding electrode conductor to the electrodes of the building.',
        );
    }
}

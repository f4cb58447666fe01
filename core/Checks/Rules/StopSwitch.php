<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class StopSwitch implements Rule
{
    public function code(): Code
    {
        return Code::StopSwitch;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all($it->place->isStandby, Fact::not($it->place->outsideStop));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The standby has no emergency stop outside.',
            'Fire fighters cannot stop it.',
            'A stop outside the dwelling, where it can be reached, marked.',
        );
    }
}

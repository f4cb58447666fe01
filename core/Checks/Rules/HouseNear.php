<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Job\LocalRules;

final class HouseNear implements Rule
{
    public function code(): Code
    {
        return Code::HouseNear;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all(Fact::not($it->place->isStandby), Fact::under($it->place->houseFt, LocalRules::LEAST_PORTABLE_FT));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The portable machine stands '.number_format($it->place->houseFt ?? 0.0, 1).' ft from the house.',
            'Carbon monoxide gathers at walls and finds its way in. 20 ft is a floor, not a promise.',
            'Move it out to 20 ft and more, with a longer cord, exhaust away from the house.',
        );
    }
}

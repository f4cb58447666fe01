<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\StandbyPlace;

final class WallNear implements Rule
{
    public function code(): Code
    {
        return Code::WallNear;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all(
            $it->place->isStandby,
            Fact::under($it->place->combustibleFt, $it->place->fireTestedFt ?? StandbyPlace::COMBUSTIBLE_FT),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The machine stands '.number_format($it->place->combustibleFt ?? 0.0, 1).' ft from a wall that burns.',
            'A fire in its housing reaches the house.',
            '5 ft, or what its listing or a fire test says; or a wall that stands an hour.',
        );
    }
}

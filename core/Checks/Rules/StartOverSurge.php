<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class StartOverSurge implements Rule
{
    public function code(): Code
    {
        return Code::OverSurge;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->atVolts(fn (int $volts): ?bool => Fact::over(
            $it->loads->startPeakAmps, $it->generator->surgeW === null ? null : $it->generator->surgeW / $volts,
        ));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The worst start is more than the machine gives for a moment.',
            'The engine bogs down, voltage falls, and motors that do not start burn.',
            'Let less run when it starts, fit a soft starter where it is a motor, or pick a larger machine.',
        );
    }
}

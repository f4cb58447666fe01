<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Connection\MeansOfTransfer;
use Underpin\Say;

final class AutoUnderLoad implements Rule
{
    public function code(): Code
    {
        return Code::AutoUnderLoad;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::all(
            $it->isBy(MeansOfTransfer::Automatic), Fact::over($it->transfer->fullLoadW, $it->generator->runW),
            Fact::not($it->transfer->sheds),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The switch transfers by itself %s, and the machine carries %s.',
                Say::watts($it->transfer->fullLoadW ?? 0.0), Say::watts($it->generator->runW ?? 0.0),
            ),
            'Nobody is there to choose: the engine stalls with everything on.',
            'Load shedding that is planned and proven, a larger machine, or a switch that a person throws.',
        );
    }
}

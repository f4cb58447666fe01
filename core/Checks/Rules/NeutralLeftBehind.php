<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NeutralLeftBehind implements Rule
{
    public function code(): Code
    {
        return Code::NeutralLeftBehind;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::not($it->transfer->neutralsMoved);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Circuits are moved to the switch without their neutrals.',
            'Hot and neutral part ways: metal between them heats up, and AFCI and GFCI trip.',
            'Each neutral goes along with its hot, in the same cable or raceway.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Service\BondCaution;

final class SubpanelBonded implements Rule
{
    public function code(): Code
    {
        return Code::NeutralInSubpanel;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->panel->none ? false : Fact::all($it->panel->isSub, $it->panel->bonded);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Neutral and ground are bonded in a sub-panel.',
            BondCaution::WHY,
            BondCaution::BEFORE_TOUCHING,
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\SplitPhase;
use Underpin\Connection\MeansOfTransfer;

final class Only120 implements Rule
{
    public function code(): Code
    {
        return Code::Only120;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all(
            $it->is(SplitPhase::LEG_V), $it->isBy(MeansOfTransfer::Interlock, MeansOfTransfer::Subpanel),
            Fact::not((new MultiwireOnOneHot)->isBroken($it)),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'A 120 V machine feeds both legs from one hot wire: every 240 V load stays dead.',
            'The neutral carries the sum of both legs, not their difference.',
            'Say so on the card; the breaker of the machine limits that sum. A 120/240 V machine feeds all of it.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class GasMeterSmall implements Rule
{
    public function code(): Code
    {
        return Code::GasMeterSmall;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->gas->none ? false : Fact::over($it->gas->meterLoadBtuh, $it->gas->meterBtuh);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The gas meter passes %s BTU/h; with the machine %s are wanted.',
                number_format($it->gas->meterBtuh ?? 0.0), number_format($it->gas->meterLoadBtuh ?? 0.0),
            ),
            'With everything firing there is not gas enough, in the coldest week.',
            'Order a larger meter from the gas utility now: it takes weeks.',
        );
    }
}

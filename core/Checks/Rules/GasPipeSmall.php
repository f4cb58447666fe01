<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class GasPipeSmall implements Rule
{
    public function code(): Code
    {
        return Code::GasPipeSmall;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->gas->none ? false : Fact::over($it->gas->loadBtuh, $it->gas->pipeBtuh);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The gas pipe brings %s BTU/h, and %s are wanted.',
                number_format($it->gas->pipeBtuh ?? 0.0), number_format($it->gas->loadBtuh ?? 0.0),
            ),
            'Under load the pressure falls: the engine stops, and pilot flames may go out.',
            'A larger pipe, by the gas plumber.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;

final class OtherSourceConnected implements Rule
{
    public function code(): Code
    {
        return Code::OtherSource;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->place->otherSourceConnected;
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Solar or a battery is connected to the part that the generator feeds.',
            'It may push power into the engine, or keep the house live when everybody takes it for dead.',
            'Lock its disconnect off for as long as the generator runs, or find out by its instructions whether it is listed to '
                .'run with this generator.',
        );
    }
}

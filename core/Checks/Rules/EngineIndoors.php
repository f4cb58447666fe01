<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;

final class EngineIndoors implements Rule
{
    public function code(): Code
    {
        return Code::EngineIndoors;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->place->indoors;
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The engine stands indoors.',
            'Its exhaust kills everybody in the house within minutes, an open garage door or not.',
            'Outdoors, 20 ft and more from the house for a portable, exhaust away from every opening; the neighbors\' too.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Connection\MeansOfTransfer;

final class InterlockPlace implements Rule
{
    public function code(): Code
    {
        return Code::InterlockPlace;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->panel->none ? false : Fact::all($it->isBy(MeansOfTransfer::Interlock), Fact::not($it->panel->besideMain));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The generator breaker does not sit beside the main, where the interlock needs it.',
            'The plate cannot lock a breaker that it does not reach.',
            'Free the two spaces that the interlock asks for, and put the breaker there.',
        );
    }
}

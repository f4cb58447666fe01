<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Connection\MeansOfTransfer;

final class InterlockUnlisted implements Rule
{
    public function code(): Code
    {
        return Code::InterlockUnlisted;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->panel->none ? false : Fact::all($it->isBy(MeansOfTransfer::Interlock), Fact::not($it->panel->interlockListed));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The interlock is not listed for this panel.',
            'One made for another panel may not lock, or may let both be on.',
            'One listed for this very panel, or another way to connect.',
        );
    }
}

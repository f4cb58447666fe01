<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Connection\MeansOfTransfer;

final class HoldDown implements Rule
{
    public function code(): Code
    {
        return Code::HoldDown;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->breaker->none ? false : Fact::all(
            $it->isBy(MeansOfTransfer::Interlock, MeansOfTransfer::Subpanel), Fact::not($it->breaker->heldDown),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The back-fed breaker is not held down.',
            'Pulled out, its blades are live.',
            'The hold-down kit listed for this breaker and this panel.',
        );
    }
}

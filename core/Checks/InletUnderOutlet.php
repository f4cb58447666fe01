<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\ComponentKind;
use Underpin\Design\Design;

/** An inlet that the machine can overload. */
final class InletUnderOutlet implements Check
{
    public function findings(Design $design): iterable
    {
        $inlet = $design->assembly()?->component(ComponentKind::Inlet)?->amps;
        $outlet = $design->assembly()?->component(ComponentKind::Outlet)?->amps;
        if ($inlet !== null && $outlet !== null && $inlet < $outlet) {
            yield new Finding(
                Code::InletUnderOutlet,
                "The inlet is rated $inlet A, the machine gives $outlet A.",
                'The machine can push more through it than it stands.',
                "Choose an inlet of at least $outlet A.",
            );
        }
    }
}

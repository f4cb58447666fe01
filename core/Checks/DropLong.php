<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\ComponentKind;
use Underpin\Design\Design;
use Underpin\Say;

/** Too much voltage lost between machine and panel. */
final class DropLong implements Check
{
    public function findings(Design $design): iterable
    {
        $built = $design->assembly();
        if ($built !== null && $built->dropIsLong()) {
            yield new Finding(
                Code::DropLong,
                sprintf(
                    '%s of the voltage is lost on the way at %d A.', Say::pct($built->dropPct() ?? 0.0),
                    $built->component(ComponentKind::Outlet)->amps ?? $built->component(ComponentKind::Generator)?->amps,
                ),
                'Motors start harder and lights dim; 3 % is the recommended end.',
                'A shorter way, or the next larger conductor.',
            );
        }
    }
}

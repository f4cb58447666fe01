<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Say;
use Underpin\Stage;

/** Too much voltage lost between machine and panel. */
final class DropLong implements Check
{
    public function findings(Facts $facts): iterable
    {
        $wire = $facts->wire;
        if ($wire !== null && $wire->dropIsLong()) {
            yield new Finding(
                'DROP_LONG', Severity::Advice, Stage::Wire,
                sprintf('%s of the voltage is lost on the way at %d A.', Say::pct($wire->dropPct() ?? 0.0), $wire->outletA),
                'Motors start harder and lights dim; 3 % is the recommended end.',
                'A shorter way, or the next larger conductor.',
                Source::nec('210.19 and 215.2, informational notes'),
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** No conductor of the tables fits what was asked. */
final class WireNotFound implements Check
{
    public function findings(Design $design): iterable
    {
        if ($design->assemblyRefused() !== null) {
            yield new Finding(
                Code::WireNotFound,
                $design->assemblyRefused()->getMessage(),
                'There is no wire plan without it.',
                'Check ambient temperature, terminals and material.',
            );
        }
    }
}

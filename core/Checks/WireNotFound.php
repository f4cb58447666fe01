<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** No conductor of the tables fits what was asked. */
final class WireNotFound implements Check
{
    public function findings(Facts $facts): iterable
    {
        if ($facts->wireRefused !== null) {
            yield new Finding(
                'WIRE_NOT_FOUND', Severity::Wrong, Stage::Wire,
                $facts->wireRefused->getMessage(),
                'There is no wire plan without it.',
                'Check ambient temperature, terminals and material.',
                Source::nec('310.16'),
            );
        }
    }
}

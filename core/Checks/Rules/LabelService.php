<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class LabelService implements Rule
{
    public function code(): Code
    {
        return Code::LabelService;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->signs->service);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'There is no sign of the second source.',
            'Fire fighters and line workers take the house for dead.',
            'A sign at the service, or at the emergency disconnect of a dwelling: which source, and where it is shut down.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Connection\MeansOfTransfer;

final class CollarUnapproved implements Rule
{
    public function code(): Code
    {
        return Code::CollarUnapproved;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all($it->isBy(MeansOfTransfer::MeterCollar), Fact::not($it->local->collarApproved));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The utility has not approved the meter adapter.',
            'The meter is theirs: they take it off again.',
            'Ask the utility in writing which adapters it takes, before one is bought.',
        );
    }
}

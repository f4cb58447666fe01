<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;
use Underpin\Connection\MeansOfTransfer;

final class Backfeed implements Rule
{
    public function code(): Code
    {
        return Code::Backfeed;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->isBy(MeansOfTransfer::None);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Nothing keeps the generator and the utility apart.',
            'It feeds the utility\'s line through its transformer: a line worker dies of it. When the power comes back, the '
                .'engine burns.',
            'Pull the plug and lock that breaker off now. Then put in listed transfer equipment: an interlock, a transfer '
                .'switch or a meter adapter.',
        );
    }
}

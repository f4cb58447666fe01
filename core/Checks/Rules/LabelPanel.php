<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class LabelPanel implements Rule
{
    public function code(): Code
    {
        return Code::LabelPanel;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->signs->panel);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The panel directory does not show what is planned.',
            'In the dark nobody finds the circuit.',
            'A directory with the generator breaker and the role of every circuit.',
        );
    }
}

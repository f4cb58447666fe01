<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;

final class LegOverRun implements Rule
{
    public function code(): Code
    {
        return Code::OverRun;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->atVolts(fn (int $volts): ?bool => $it->legOver(
            $volts, $it->generator->runW === null ? null : $it->generator->runW / $volts,
        ));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'A leg carries more than the machine gives for hours.',
            'It overheats and stops; the advertised peak lasts seconds.',
            'Take a circuit off the list of what must run, let two take turns, or pick a larger machine.',
        );
    }
}

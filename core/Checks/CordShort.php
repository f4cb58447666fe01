<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\ConductorKind;
use Underpin\Codebook\CordReach;
use Underpin\Design\Design;
use Underpin\Limit;

/** A cord that does not let the machine stand as far away as it must. */
final class CordShort implements Check
{
    public function findings(Design $design): iterable
    {
        $cord = $design->assembly()?->conductor(ConductorKind::Cord)?->lengthFt;
        $away = $design->job->authority->rules->portableFt;
        $burns = $design->supply()?->machine->form->isBattery() !== true;
        if ($burns && $cord !== null && Limit::over($away + CordReach::SLACK_FT, $cord)) {
            yield new Finding(
                Code::CordShort,
                sprintf(
                    'The cord is %s ft long; the machine stands at least %s ft away, and %s ft go into bends and slack.',
                    number_format($cord), number_format($away), number_format(CordReach::SLACK_FT),
                ),
                'A cord that is too short pulls the machine to the house, and its exhaust with it.',
                sprintf(
                    'A cord of at least %s ft; the voltage drop over it is judged under Wire.', number_format($away + CordReach::SLACK_FT),
                ),
            );
        }
    }
}

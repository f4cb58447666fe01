<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Say;

/** A leg over the machine's running limit. */
final class OverRun implements Check
{
    public function findings(Design $design): iterable
    {
        $fit = $design->fit();
        if ($fit !== null && $fit->overRun()) {
            yield new Finding(
                Code::OverRun,
                $fit->words()->headline(),
                sprintf(
                    '%s gives %s for hours; the advertised peak lasts seconds.', $fit->supply->words(),
                    Say::amps($fit->supply->runLimitAmps()),
                ),
                'Take a circuit off the list of what must run, let two take turns, or pick a larger machine.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** A motor on a circuit that must run, without a figure for its start. */
final class StartsMissing implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->plan()->must as $circuit) {
            foreach ($circuit->loads as $load) {
                if ($load->startIsMissing()) {
                    yield new Finding(
                        Code::StartMissing,
                        "$load->name on {$circuit->label()} has no starting watts.",
                        'A motor starts with three to six times its running current, and that moment decides.',
                        'Read the locked-rotor amps off the nameplate, or take the high figure of the library.',
                        $circuit->id,
                    );
                }
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\LoadKind;

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
                        $load->kind === LoadKind::Medical
                            ? 'Most medical equipment has a motor or a heater inside, and somebody hangs on it: it is not guessed.'
                            : 'A motor starts with three to six times its running current, and that moment decides.',
                        $load->kind === LoadKind::Medical
                            ? 'Read its nameplate or ask its supplier. Say the same figure as running where it starts with no more.'
                            : 'Read the locked-rotor amps off the nameplate, or take the high figure of the library.',
                        $circuit->id,
                    );
                }
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** A machine of which nobody knows whether it bonds its neutral, wired to a house that does. */
final class NeutralNotKnown implements Check
{
    public function findings(Design $design): iterable
    {
        $machine = $design->supply()?->machine;
        if ($machine !== null && $machine->bond === null && $design->way()?->isWired() === true) {
            yield new Finding(
                Code::NeutralNotKnown,
                "Whether $machine->name ties its neutral to its frame is not known.",
                'With two bonds neutral current flows on every metal case; with none a fault never clears. Neither can be ruled out.',
                'Read its plate or manual, or measure from neutral to frame with the engine off and nothing connected, and write it in '
                    .'the catalogue; then pick it again.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;

/** Tandem and quad breakers only where the panel's label accepts them. */
final class TandemsAccepted implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->job->service->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                if (! $panel->accepts($circuit->position)) {
                    yield new Finding(
                        Code::TandemNotAccepted,
                        "{$circuit->title()}: the label of $panel->name accepts no tandem there ({$panel->tandemSpaces?->words()}).",
                        'The panel is not listed for more circuits than its label says.',
                        trim('Move it to a space that accepts one, or to a whole space. '
                            .SharedNeutral::beforeMovingIt($circuit, new Multiwire([$panel]))),
                        $circuit->id,
                    );
                }
            }
        }
    }
}

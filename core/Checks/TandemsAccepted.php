<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Service\SharedNeutral;
use Underpin\Stage;

/** Tandem and quad breakers only where the panel's label accepts them. */
final class TandemsAccepted implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->job->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                if (! $panel->accepts($circuit->slot)) {
                    yield new Finding(
                        'TANDEM_NOT_ACCEPTED', Severity::Wrong, Stage::Survey,
                        "{$circuit->title()}: the label of $panel->name accepts no tandem there ({$panel->tandemSpaces?->words()}).",
                        'The panel is not listed for more circuits than its label says.',
                        trim('Move it to a space that accepts one, or to a whole space. '.($circuit->slot->poles === 2 ? '' : SharedNeutral::beforeMoving($panel->hasMultiwire))),
                        Source::nec('408.54, 110.3(B)'), $circuit->id,
                    );
                }
            }
        }
    }
}

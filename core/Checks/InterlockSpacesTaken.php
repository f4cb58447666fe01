<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Connection\InterlockOption;
use Underpin\Service\Circuit;
use Underpin\Service\SharedNeutral;
use Underpin\Stage;

/** Breakers that still sit where the generator breaker must go. */
final class InterlockSpacesTaken implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach (InterlockOption::inTheWay($facts->job) as $circuit) {
            yield new Finding(
                'INTERLOCK_SPACES_TAKEN', Severity::Wrong, Stage::Connect,
                "{$circuit->title()} sits where the generator breaker goes.",
                'The interlock plate works only beside the main, and the switching card would show a wrong number.',
                trim('Move it to a free space in the survey; its leg may change with it. '.$this->neutral($circuit, $facts)),
                Source::nec('110.3(B), 408.36(D)'), $circuit->id,
            );
        }
    }

    private function neutral(Circuit $circuit, Facts $facts): string
    {
        return $circuit->slot->poles === 2 ? '' : SharedNeutral::beforeMoving($facts->job->panel()?->hasMultiwire);
    }
}

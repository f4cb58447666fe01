<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Say;
use Underpin\Service\Multiwire;

/** One hot wire on both legs, and a neutral that two circuits share. */
final class MultiwireOn120 implements Check
{
    public function findings(Design $design): iterable
    {
        if ($design->supply()?->feedsBothLegs() === false && $design->way()?->joinsSharedNeutrals($design->situation()) === true) {
            yield new Finding(
                Code::MultiwireOn120,
                'A 120 V machine would feed multiwire circuits'.$this->named($design).'.',
                'The shared neutral would carry the sum of both legs, with no breaker to stop it: it can burn in the wall.',
                'Use a 120/240 V machine, or do not feed both legs.',
            );
        }
    }

    private function named(Design $design): string
    {
        $pairs = array_map(
            fn (array $pair): string => "{$pair[0]->title()} with {$pair[1]->title()}",
            (new Multiwire($design->job->service->panels))->pairs(),
        );
        $halves = array_filter($design->job->circuits(), fn (Circuit $c): bool => $c->hasHalves());
        $names = [...$pairs, ...array_values(array_map(fn (Circuit $c): string => "the halves of {$c->title()}", $halves))];

        return $names === [] ? '' : ': '.Say::list($names);
    }
}

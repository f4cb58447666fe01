<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Service\ChainNode;
use Underpin\Service\NeutralBond;
use Underpin\Stage;

/** Neutral and ground meet at the service, there only, and there for certain. */
final class BondsInPlace implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->chain->bonds() as $node) {
            if ($facts->chain->isBehindService($node)) {
                yield new Finding(
                    'NEUTRAL_IN_SUBPANEL', Severity::Danger, Stage::Survey,
                    "$node->name bonds neutral and ground, with {$facts->chain->node((string) $node->parent)?->name} ahead of it: one bond too many, or the only one.",
                    NeutralBond::WHY,
                    NeutralBond::BEFORE_TOUCHING,
                    Source::nec('250.24, 250.28, 250.32(B)(1), 250.142'),
                );
            }
        }
        $service = array_filter($facts->chain->nodes, fn (ChainNode $n): bool => $n->isService);
        if ($service !== [] && array_filter($service, fn (ChainNode $n): bool => $n->bonded !== false) === []) {
            yield new Finding(
                'NO_SERVICE_BOND', Severity::Danger, Stage::Survey,
                'No bond of neutral and ground was found at the service.',
                'Without it a fault to ground finds no way back: no breaker trips, and every metal case stays live.',
                'Treat every metal case as live until it is found. Look again, at the meter too, and at the marking of the disconnect: '
                .'where it says "not service equipment", the bond belongs in the panel behind it. '
                .'If there is none, a licensed electrician puts the service right before anything else is done.',
                Source::nec('250.24, 250.28, 250.4(A)(5)'),
            );
        }
    }
}

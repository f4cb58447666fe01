<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Service\ChainNode;
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
                    "$node->name bonds its neutral although the service is switched off ahead of it.",
                    'Neutral current then flows in ground wires, pipes and metal cases.',
                    'Take the bonding screw or strap out and part the neutrals from the grounds; leave the bond at the service.',
                    Source::nec('250.24(A)(5), 250.142(B)'),
                );
            }
        }
        $service = array_filter($facts->chain->nodes, fn (ChainNode $n): bool => $n->isService);
        if ($service !== [] && array_filter($service, fn (ChainNode $n): bool => $n->bonded !== false) === []) {
            yield new Finding(
                'NO_SERVICE_BOND', Severity::Wrong, Stage::Survey,
                'No bond of neutral and ground was found at the service.',
                'Without it a fault to ground finds no way back, and no breaker trips.',
                'Look again, at the meter too. If there is none, the service must be put right before any backup power is added.',
                Source::nec('250.24(A)(1), 250.24(C)'),
            );
        }
    }
}

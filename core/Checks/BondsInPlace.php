<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Service\BondCaution;
use Underpin\Service\DistributionPoint;

/** Neutral and ground meet at the service, there only, and there for certain. */
final class BondsInPlace implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->distribution()->bonds() as $node) {
            if ($design->distribution()->isBehindService($node)) {
                yield new Finding(
                    Code::NeutralInSubpanel,
                    "$node->name bonds neutral and ground, with {$design->distribution()->node((string) $node->parent)?->name} ahead of "
                        .'it: one bond too many, or the only one.',
                    BondCaution::WHY,
                    BondCaution::BEFORE_TOUCHING,
                );
            }
        }
        $service = array_filter($design->distribution()->nodes, fn (DistributionPoint $n): bool => $n->isService);
        if ($service !== [] && array_filter($service, fn (DistributionPoint $n): bool => $n->bonded !== false) === []) {
            yield new Finding(
                Code::NoServiceBond,
                'No bond of neutral and ground was found at the service.',
                'Without it a fault to ground finds no way back: no breaker trips, and every metal case stays live.',
                'Treat every metal case as live until it is found. Look again, at the meter too, and at the marking of the disconnect: '
                .'where it says "not service equipment", the bond belongs in the panel behind it. '
                .'If there is none, a licensed electrician puts the service right before anything else is done.',
            );
        }
    }
}

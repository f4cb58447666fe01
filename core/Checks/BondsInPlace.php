<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\FeederGround;
use Underpin\Job\Panel;
use Underpin\Say;
use Underpin\Service\BondBehindService;
use Underpin\Service\BondCaution;
use Underpin\Service\DistributionPoint;

/** Neutral and ground meet at the service, there only, and there for certain. */
final class BondsInPlace implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->distribution()->nodes as $node) {
            $behind = $design->distribution()->isBehindService($node);
            $panel = $design->job->service->panel($node->id);
            if ($panel === null || $behind === false) {
                continue;
            }
            if ($node->bonded === true) {
                yield $this->bonded($design, $node, $panel, $behind);
            } elseif ($node->bonded === false && $behind === true && $panel->feederGround === FeederGround::None) {
                yield new Finding(
                    Code::NoFaultPath,
                    "$node->name has neither a bond nor a ground: its feeder has three wires.",
                    'A fault to ground finds no way back: no breaker trips, and every metal case behind it stays live.',
                    'Treat every metal case behind it as live. A licensed electrician brings a fourth wire, or another ground that '
                    .'250.118 takes, and proves it, before anything there is fed, by the generator too.',
                );
            }
        }
        yield from $this->atService($design);
    }

    private function bonded(Design $design, DistributionPoint $node, Panel $panel, ?bool $behind): Finding
    {
        $ahead = Say::list(array_map(fn (DistributionPoint $n): string => $n->name, $design->distribution()->servicesAhead($node)));
        $isServiceBonded = array_filter(
            $design->distribution()->servicesAhead($node),
            fn (DistributionPoint $n): bool => $n->isService === true && $n->bonded === true,
        ) !== [];

        return match (BondBehindService::of($behind, $panel->feederGround, $panel->otherBuilding)) {
            BondBehindService::NotKnown => new Finding(
                Code::NeutralInSubpanel,
                "$node->name bonds neutral and ground, with $ahead ahead of it: one bond too many, or the only one.",
                BondCaution::WHY,
                BondCaution::BEFORE_TOUCHING,
            ),
            BondBehindService::OneTooMany => new Finding(
                Code::NeutralInSubpanel,
                "$node->name bonds neutral and ground, with the service at $ahead ahead of it and a ground in its feeder: "
                .'one bond too many.',
                BondCaution::WHY,
                $isServiceBonded ? BondCaution::ONE_TOO_MANY : BondCaution::FIRST_THE_SERVICE,
            ),
            BondBehindService::OnlyOneInBuilding => new Finding(
                Code::ThreeWireFeeder,
                "$node->name stands in another building on a feeder of three wires: its bond is the only way back for a fault.",
                BondCaution::ONLY_ONE,
                'The bond stays. Look whether a metal pipe, a cable shield or any other metal joins the two buildings: then such a feeder '
                .'may not stay as it is. A new one has four wires, and only with it the bond goes. Ask the authority.',
            ),
            BondBehindService::OnlyOneHere => new Finding(
                Code::NeutralInSubpanel,
                "$node->name bonds neutral and ground on a feeder of three wires in the same building: a bond that may not be there, "
                .'and the only way back for a fault.',
                BondCaution::ONLY_ONE,
                'The bond stays until a fourth wire, or another ground that 250.118 takes, is in place and proven. Then a licensed '
                .'electrician, with every source off and proved dead, parts neutrals and grounds here.',
            ),
        };
    }

    /** @return iterable<Finding> */
    private function atService(Design $design): iterable
    {
        $service = array_filter($design->distribution()->nodes, fn (DistributionPoint $n): bool => $n->isService !== false);
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

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\StandbyPlace;
use Underpin\Job\ExistingFault;
use Underpin\Job\LocalRules;
use Underpin\Service\BondCaution;

/** What is said of a fault that was found in backup equipment that is there already. */
final readonly class ExistingFaultFinding
{
    public function __construct(private ExistingFault $fault)
    {
    }

    public function code(): Code
    {
        return match ($this->fault) {
            ExistingFault::MaleCord => Code::ExistingMaleCord,
            ExistingFault::NothingBetween => Code::ExistingNothingBetween,
            ExistingFault::BondInSubpanel => Code::ExistingBondInSubpanel,
            ExistingFault::EngineClose => Code::ExistingEngineClose,
            ExistingFault::PinsExposed => Code::ExistingPinsExposed,
            ExistingFault::TwoBonds => Code::ExistingTwoBonds,
            ExistingFault::ReceptacleSmall => Code::ExistingReceptacleSmall,
            ExistingFault::LooseBox => Code::ExistingLooseBox,
            ExistingFault::BreakerLoose => Code::ExistingBreakerLoose,
            ExistingFault::InletOutOfReach => Code::ExistingInletOutOfReach,
            ExistingFault::CordLost => Code::ExistingCordLost,
            ExistingFault::NeverRun => Code::ExistingNeverRun,
            ExistingFault::NoLabels => Code::ExistingNoLabels,
        };
    }

    public function statement(): string
    {
        return match ($this->fault) {
            ExistingFault::MaleCord => 'A cord with two male ends is in use.',
            ExistingFault::NothingBetween => 'Nothing keeps the main and the generator breaker from being on together.',
            ExistingFault::BondInSubpanel => 'Neutral and ground are bonded in a sub-panel.',
            ExistingFault::EngineClose => sprintf(
                'A portable engine runs within %d ft of a door or window, or a standby stands nearer than its label allows.',
                LocalRules::LEAST_PORTABLE_FT,
            ),
            ExistingFault::PinsExposed => 'Live pins of a plug or inlet can be touched.',
            ExistingFault::TwoBonds => 'Neutral is bonded at the generator and at the service both.',
            ExistingFault::ReceptacleSmall => 'The receptacle or inlet is smaller than the generator\'s outlet.',
            ExistingFault::LooseBox => 'A box or an inlet is loose, or screwed to siding only.',
            ExistingFault::BreakerLoose => 'The back-fed breaker is not held down.',
            ExistingFault::InletOutOfReach => 'The inlet is out of reach at night or in snow.',
            ExistingFault::CordLost => 'The cord is missing.',
            ExistingFault::NeverRun => 'The engine has not run for three months.',
            ExistingFault::NoLabels => 'There are no labels of the second source.',
        };
    }

    public function why(): string
    {
        return match ($this->fault) {
            ExistingFault::MaleCord => 'Its free end has live pins; it feeds the house backwards and kills who touches it or the line.',
            ExistingFault::NothingBetween => 'The generator feeds the utility\'s line: a line worker can die, '
                .'and the generator burns when power returns.',
            ExistingFault::BondInSubpanel => BondCaution::WHY,
            ExistingFault::EngineClose => 'Carbon monoxide comes in and kills people asleep.',
            ExistingFault::PinsExposed => 'Whoever touches them is in the circuit.',
            ExistingFault::TwoBonds => 'Neutral current runs in the ground wire, and a ground-fault outlet trips.',
            ExistingFault::ReceptacleSmall => 'The generator can push more through it than it stands: it melts.',
            ExistingFault::LooseBox => 'The pull of the cord works wires loose and lets water in.',
            ExistingFault::BreakerLoose => 'Pulled off its bus it has live stabs.',
            ExistingFault::InletOutOfReach => 'What cannot be reached in the dark is not used, or is used dangerously.',
            ExistingFault::CordLost => 'Without it there is no backup power, and somebody will improvise one.',
            ExistingFault::NeverRun => 'Stale fuel and a flat battery show themselves in the storm.',
            ExistingFault::NoLabels => 'The next person does not know that there is a second source.',
        };
    }

    public function remedy(): string
    {
        return match ($this->fault) {
            ExistingFault::MaleCord => 'Cut it up today. An inlet with recessed male pins takes its place.',
            ExistingFault::NothingBetween => 'Take the generator breaker out of use until an interlock or a transfer switch is fitted.',
            ExistingFault::BondInSubpanel => BondCaution::BEFORE_TOUCHING,
            ExistingFault::EngineClose => sprintf(
                'A portable: a place %d ft away with the exhaust pointing off. A standby: the distances of its listing '
                .'(%d ft from openings where it says nothing else), and farther where it can be. Carbon monoxide alarms on every floor.',
                LocalRules::LEAST_PORTABLE_FT, StandbyPlace::OPENINGS_FT,
            ),
            ExistingFault::PinsExposed => 'Replace it; the live side is always the female side.',
            ExistingFault::TwoBonds => 'Nobody lifts a bond before it is known that the switch leaves the neutral whole '
                .'and the service has its bond: '
                .'with a switch that breaks the neutral, the one at the generator is the only one. Then, with everything off, '
                .'a switch that breaks the neutral, or the generator changed only as its instructions allow and marked.',
            ExistingFault::ReceptacleSmall => 'Fit one of at least the outlet\'s rating, with wire to match.',
            ExistingFault::LooseBox => 'Fasten it to framing and seal it.',
            ExistingFault::BreakerLoose => 'Fit the hold-down made for this panel.',
            ExistingFault::InletOutOfReach => 'Plan the new inlet where it is reached from a cleared path.',
            ExistingFault::CordLost => 'Put a cord of the right length on the order, and a hook beside the inlet.',
            ExistingFault::NeverRun => 'Change the fuel, check the battery, run it under load, and put dates in the log.',
            ExistingFault::NoLabels => 'Label all three.',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Checks\Severity;
use Underpin\Codebook\LocalRules;
use Underpin\Codebook\Source;

/** What is found wrong with backup equipment that is there already: a question a person answers at the wall. */
enum ExistingFault: string
{
    case MaleCord = 'male_cord';
    case NothingBetween = 'nothing_between';
    case BondInSubpanel = 'bond_in_subpanel';
    case EngineClose = 'engine_close';
    case PinsExposed = 'pins_exposed';
    case TwoBonds = 'two_bonds';
    case ReceptacleSmall = 'receptacle_small';
    case LooseBox = 'loose_box';
    case BreakerLoose = 'breaker_loose';
    case InletOutOfReach = 'inlet_out_of_reach';
    case CordLost = 'cord_lost';
    case NeverRun = 'never_run';
    case NoLabels = 'no_labels';

    public function question(): string
    {
        return match ($this) {
            self::MaleCord => 'Is there a cord with two male ends?',
            self::NothingBetween => 'Can the main and the generator breaker be on together (no interlock, no switch)?',
            self::BondInSubpanel => 'Are neutral and ground bonded in a sub-panel?',
            self::EngineClose => sprintf('Does the engine stand within %d ft of a door or window?', LocalRules::LEAST_PORTABLE_FT),
            self::PinsExposed => 'Can the live pins of a plug or inlet be touched?',
            self::TwoBonds => 'Is neutral bonded at the generator and at the service both, with a switch that does not break it?',
            self::ReceptacleSmall => 'Is the receptacle or inlet smaller than the generator\'s outlet?',
            self::LooseBox => 'Is a box or an inlet loose, or screwed to siding only?',
            self::BreakerLoose => 'Is the back-fed breaker not held down?',
            self::InletOutOfReach => 'Is the inlet out of reach at night or in snow?',
            self::CordLost => 'Is the cord missing, or does nobody know where it is?',
            self::NeverRun => 'Has the engine not run for three months?',
            self::NoLabels => 'Are there no labels at the inlet, the service or the panel?',
        };
    }

    public function statement(): string
    {
        return match ($this) {
            self::MaleCord => 'A cord with two male ends is in use.',
            self::NothingBetween => 'Nothing keeps the main and the generator breaker from being on together.',
            self::BondInSubpanel => 'Neutral and ground are bonded in a sub-panel.',
            self::EngineClose => sprintf('The engine stands within %d ft of a door or window.', LocalRules::LEAST_PORTABLE_FT),
            self::PinsExposed => 'Live pins of a plug or inlet can be touched.',
            self::TwoBonds => 'Neutral is bonded at the generator and at the service both.',
            self::ReceptacleSmall => 'The receptacle or inlet is smaller than the generator\'s outlet.',
            self::LooseBox => 'A box or an inlet is loose, or screwed to siding only.',
            self::BreakerLoose => 'The back-fed breaker is not held down.',
            self::InletOutOfReach => 'The inlet is out of reach at night or in snow.',
            self::CordLost => 'The cord is missing.',
            self::NeverRun => 'The engine has not run for three months.',
            self::NoLabels => 'There are no labels of the second source.',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::MaleCord => 'Its free end has live pins; it feeds the house backwards and kills who touches it or the line.',
            self::NothingBetween => 'The generator feeds the utility\'s line: a line worker can die, and the generator burns when power returns.',
            self::BondInSubpanel => NeutralBond::WHY,
            self::EngineClose => 'Carbon monoxide comes in and kills people asleep.',
            self::PinsExposed => 'Whoever touches them is in the circuit.',
            self::TwoBonds => 'Neutral current runs in the ground wire, and a ground-fault outlet trips.',
            self::ReceptacleSmall => 'The generator can push more through it than it stands: it melts.',
            self::LooseBox => 'The pull of the cord works wires loose and lets water in.',
            self::BreakerLoose => 'Pulled off its bus it has live stabs.',
            self::InletOutOfReach => 'What cannot be reached in the dark is not used, or is used dangerously.',
            self::CordLost => 'Without it there is no backup power, and somebody will improvise one.',
            self::NeverRun => 'Stale fuel and a flat battery show themselves in the storm.',
            self::NoLabels => 'The next person does not know that there is a second source.',
        };
    }

    public function remedy(): string
    {
        return match ($this) {
            self::MaleCord => 'Cut it up today. An inlet with recessed male pins takes its place.',
            self::NothingBetween => 'Take the generator breaker out of use until an interlock or a transfer switch is fitted.',
            self::BondInSubpanel => NeutralBond::BEFORE_TOUCHING,
            self::EngineClose => sprintf('Find a place %d ft away with the exhaust pointing off; carbon monoxide alarms on every floor.', LocalRules::LEAST_PORTABLE_FT),
            self::PinsExposed => 'Replace it; the live side is always the female side.',
            self::TwoBonds => 'Nobody lifts a bond before it is known that the switch leaves the neutral whole and the service has its bond: '
                .'with a switch that breaks the neutral, the one at the generator is the only one. Then, with everything off, '
                .'a switch that breaks the neutral, or the generator changed only as its instructions allow and marked.',
            self::ReceptacleSmall => 'Fit one of at least the outlet\'s rating, with wire to match.',
            self::LooseBox => 'Fasten it to framing and seal it.',
            self::BreakerLoose => 'Fit the hold-down made for this panel.',
            self::InletOutOfReach => 'Plan the new inlet where it is reached from a cleared path.',
            self::CordLost => 'Put a cord of the right length on the order, and a hook beside the inlet.',
            self::NeverRun => 'Change the fuel, check the battery, run it under load, and put dates in the log.',
            self::NoLabels => 'Label all three.',
        };
    }

    public function severity(): Severity
    {
        return match ($this) {
            self::MaleCord, self::NothingBetween, self::BondInSubpanel, self::EngineClose, self::PinsExposed => Severity::Danger,
            self::TwoBonds, self::ReceptacleSmall, self::LooseBox, self::BreakerLoose => Severity::Wrong,
            self::InletOutOfReach, self::CordLost, self::NeverRun, self::NoLabels => Severity::Advice,
        };
    }

    public function source(): Source
    {
        return match ($this) {
            self::MaleCord, self::NothingBetween => Source::nec('702.5'),
            self::BondInSubpanel => Source::nec('250.24, 250.28, 250.32(B)(1), 250.142'),
            self::TwoBonds => Source::nec('250.24, 250.30'),
            self::PinsExposed => Source::nec('406.7'),
            self::ReceptacleSmall => Source::nec('110.3(B)'),
            self::LooseBox => Source::nec('314.23'),
            self::BreakerLoose => Source::nec('408.36(D)'),
            self::NoLabels => Source::nec('702.7'),
            self::EngineClose => Source::practice('carbon monoxide'),
            self::InletOutOfReach, self::CordLost, self::NeverRun => Source::practice('readiness'),
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

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
            self::EngineClose => sprintf(
                'Does a portable engine run within %d ft of a door or window, or a standby nearer than its label allows?',
                LocalRules::LEAST_PORTABLE_FT,
            ),
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
}

<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

/** The columns of a panel schedule, in the order they are written. */
enum ScheduleColumn: string
{
    case Panel = 'panel';
    case Space = 'space';
    case Poles = 'poles';
    case Amps = 'amps';
    case Circuit = 'circuit';
    case Protection = 'protection';
    case Tandem = 'tandem';
    case Role = 'role';
    case Load = 'load';
    case Kind = 'kind';
    case RunW = 'run_w';
    case StartW = 'start_w';
    case Pf = 'pf';
    case Note = 'note';
}

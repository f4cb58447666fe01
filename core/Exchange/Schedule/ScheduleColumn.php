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

    /** The column that a heading means, in any case and with blanks or hyphens. */
    public static function named(string $heading): ?self
    {
        $key = trim((string) preg_replace('/[\s\-]+/', '_', mb_strtolower($heading)), '_');

        return self::tryFrom($key) ?? match ($key) {
            'run_watts', 'running_watts', 'running_w', 'watts' => self::RunW,
            'start_watts', 'starting_watts', 'starting_w' => self::StartW,
            'power_factor' => self::Pf,
            'breaker', 'breaker_amps', 'amperes' => self::Amps,
            'circuit_name', 'description' => self::Circuit,
            'notes' => self::Note,
            default => null,
        };
    }
}

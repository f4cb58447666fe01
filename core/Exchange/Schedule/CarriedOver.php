<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Exchange\Schedule\Sheet\Meaning;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\Panel;
use Underpin\Job\Protection;
use Underpin\Name;

/**
 * A circuit as a schedule says it, with what was known of it besides and this sheet has no column
 * for: its role, its loads and its note, what was measured, its receptacle, when it must stay on, when
 * its loads run. Known again by space and name; a circuit with another name is another circuit.
 */
final class CarriedOver
{
    /** @param  callable(): string  $newId */
    public static function circuit(Circuit $read, ?Panel $before, ScheduleReading $reading, callable $newId): Circuit
    {
        $known = null;
        foreach ($before->circuits ?? [] as $circuit) {
            $known = $circuit->label() === $read->label() && Name::same($circuit->name, $read->name) ? $circuit : $known;
        }

        if ($known === null) {
            return $read->with(id: $newId(), loads: array_map(fn (Load $load): Load => self::load($load, null, $newId), $read->loads));
        }
        $saysProtection = $reading->says(Meaning::Protection) || $read->protection !== Protection::None;
        $saysLoads = $reading->says(Meaning::Load, Meaning::Kind, Meaning::RunW, Meaning::StartW, Meaning::Pf);

        return $known->with(
            position: $read->position, breakerAmps: $read->breakerAmps, name: $read->name,
            protection: $saysProtection ? $read->protection : $known->protection,
            role: $reading->says(Meaning::Role) ? $read->role : $known->role,
            note: $reading->says(Meaning::Note) ? $read->note : $known->note,
            loads: $saysLoads ? array_map(fn (Load $load): Load => self::load($load, $known, $newId), $read->loads) : $known->loads,
        );
    }

    /** @param  callable(): string  $newId */
    private static function load(Load $read, ?Circuit $circuit, callable $newId): Load
    {
        foreach ($circuit->loads ?? [] as $known) {
            if (Name::same($known->name, $read->name)) {
                return $known->with(
                    id: $newId(), name: $read->name, kind: $read->kind, runW: $read->runW, startW: $read->startW, pf: $read->pf,
                );
            }
        }

        return new Load($newId(), $read->name, $read->kind, $read->runW, $read->startW, $read->pf);
    }
}

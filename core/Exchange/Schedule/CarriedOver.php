<?php

declare(strict_types=1);

namespace Underpin\Exchange\Schedule;

use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\Panel;

/**
 * A circuit as a schedule says it, with what was known of it besides and a schedule has no column
 * for: measured figures, its receptacle, when it must stay on, when its loads run. Known again by
 * space and name; a circuit with another name is another circuit.
 */
final class CarriedOver
{
    /** @param  callable(): string  $newId */
    public static function circuit(Circuit $read, ?Panel $before, callable $newId): Circuit
    {
        $known = null;
        foreach ($before->circuits ?? [] as $circuit) {
            $known = $circuit->label() === $read->label() && self::same($circuit->name, $read->name) ? $circuit : $known;
        }

        return new Circuit(
            $known->id ?? $newId(), $read->position, $read->breakerAmps, $read->name, $read->protection, $read->role, $read->note,
            array_map(fn (Load $load): Load => self::load($load, $known, $newId), $read->loads),
            $known->keepOn ?? '', $known?->receptacleAmps, $known?->measured,
        );
    }

    /** @param  callable(): string  $newId */
    private static function load(Load $read, ?Circuit $circuit, callable $newId): Load
    {
        foreach ($circuit->loads ?? [] as $known) {
            if (self::same($known->name, $read->name)) {
                return new Load(
                    $newId(), $read->name, $read->kind, $read->runW, $read->startW, $read->pf, $known->duty, $known->onS, $known->offS,
                    $known->season, $known->partOfDay,
                );
            }
        }

        return new Load($newId(), $read->name, $read->kind, $read->runW, $read->startW, $read->pf);
    }

    private static function same(string $x, string $y): bool
    {
        return mb_strtolower($x) === mb_strtolower($y);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Line;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;

/** Makes the single conductors of what lies together. */
final class Bundle
{
    /**
     * @param  list<WireRole>  $roles  which there are
     * @param  ?ConductorSize  $ground  of the equipment ground, where it is not that of the hots
     * @param  array<string, Line>  $lines  what the wire table says, by the value of the role
     * @return list<Wire>
     */
    public static function wires(
        string $id, array $roles, Ends $from, Ends $to, ?ConductorSize $size, ?ConductorSize $ground = null,
        Material $material = Material::Copper, array $lines = [],
    ): array {
        return array_map(fn (WireRole $role): Wire => new Wire(
            "$id.$role->value", $role, $from->at($role), $to->at($role), $role === WireRole::Ground ? $ground ?? $size : $size, $material,
            $lines[$role->value] ?? null,
        ), $roles);
    }

    /**
     * What lies between two places of the house and is no part of the generator's own run.
     *
     * @param  list<WireRole>  $roles
     * @param  array<string, Line>  $lines  by the value of the role
     * @param  list<Line>  $all  of all of them
     */
    public static function between(
        string $id, ConductorKind $kind, array $roles, Ends $from, Ends $to, ?int $amps, ?ConductorSize $size = null,
        ?ConductorSize $ground = null, array $lines = [], array $all = [], bool $comesAlong = false,
    ): Conductor {
        return new Conductor(
            $id, $kind, $from->component, $to->component, self::wires($id, $roles, $from, $to, $size, $ground, lines: $lines), $size,
            Material::Copper, null, $amps === null ? null : (float) $amps, null, lines: $all,
            comesAlong: $comesAlong,
        );
    }

    /** @return list<WireRole> of a feeder: three wires, or four where neutral and ground lie apart */
    public static function feeder(bool $hasGround): array
    {
        return [WireRole::HotA, WireRole::HotB, WireRole::Neutral, ...$hasGround ? [WireRole::Ground] : []];
    }

    /** @return list<WireRole> of what comes from a machine or goes to a circuit */
    public static function of(bool $hasBothLegs, bool $hasNeutral = true): array
    {
        return [
            WireRole::HotA, ...$hasBothLegs ? [WireRole::HotB] : [], ...$hasNeutral ? [WireRole::Neutral] : [], WireRole::Ground,
        ];
    }
}

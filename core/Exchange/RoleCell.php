<?php

declare(strict_types=1);

namespace Underpin\Exchange;

use Underpin\Job\Role;

/** A role as people write it in a table. */
final class RoleCell
{
    private const WORDS = [
        'must' => Role::Must, 'room' => Role::Room, 'off' => Role::Off,
        'must run' => Role::Must, 'yes' => Role::Must, 'y' => Role::Must, 'x' => Role::Must, '1' => Role::Must, 'm' => Role::Must,
        'when there is room' => Role::Room, 'with room' => Role::Room, '2' => Role::Room, 'r' => Role::Room,
        'leave off' => Role::Off, 'no' => Role::Off, 'n' => Role::Off, '3' => Role::Off, 'o' => Role::Off,
    ];

    /** Null: it is no role. */
    public static function read(string $cell): ?Role
    {
        return self::WORDS[mb_strtolower(trim($cell))] ?? null;
    }
}

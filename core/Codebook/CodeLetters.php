<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** NEC 2023 Table 430.7(B): locked-rotor kVA per horsepower by code letter, the upper end of each; V has none. */
final class CodeLetters
{
    private const KVA_PER_HP = [
        'A' => 3.14, 'B' => 3.54, 'C' => 3.99, 'D' => 4.49, 'E' => 4.99, 'F' => 5.59, 'G' => 6.29, 'H' => 7.09, 'J' => 7.99, 'K' => 8.99,
        'L' => 9.99, 'M' => 11.19, 'N' => 12.49, 'P' => 13.99, 'R' => 15.99, 'S' => 17.99, 'T' => 19.99, 'U' => 22.39,
    ];

    /** Why a motor of this letter must be told by its locked-rotor amperes. */
    public const NO_UPPER_END = 'V has no upper end in Table 430.7(B): give the locked-rotor amperes of the nameplate instead.';

    /** @return list<string> */
    public static function letters(): array
    {
        return array_keys(self::KVA_PER_HP);
    }

    /** @param  string  $letter  one of letters() */
    public static function kvaPerHp(string $letter): float
    {
        return self::KVA_PER_HP[$letter];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Codebook\CodeLetters;
use Underpin\Refused;

/** What a motor draws at the moment of its start. NEC 2023 430.7(B). */
final readonly class MotorStart
{
    private function __construct(public float $kva, public float $amps)
    {
    }

    /**
     * @param  float  $lraAmps  locked-rotor amperes from the nameplate
     * @param  float  $softStartPct  what a soft starter leaves of the locked-rotor current, at most 100
     *
     * @throws Refused on "volts", "lra_a" or "soft_start_pct"
     */
    public static function fromLockedRotor(float $lraAmps, float $volts, float $softStartPct = 100.0): self
    {
        self::guard('lra_a', $lraAmps, $volts, $softStartPct);
        $amps = $lraAmps * $softStartPct / 100;

        return new self($amps * $volts / 1000, $amps);
    }

    /**
     * @param  string  $letter  code letter from the nameplate; the upper end of its band counts
     *
     * @throws Refused on "volts", "hp" or "soft_start_pct"
     */
    public static function fromCodeLetter(float $hp, string $letter, float $volts, float $softStartPct = 100.0): self
    {
        self::guard('hp', $hp, $volts, $softStartPct);
        $kva = $hp * CodeLetters::kvaPerHp($letter) * $softStartPct / 100;

        return new self($kva, $kva * 1000 / $volts);
    }

    private static function guard(string $field, float $value, float $volts, float $softStartPct): void
    {
        if ($value < 0) {
            throw new Refused($field, "$field must not be below 0.");
        }
        if ($volts <= 0) {
            throw new Refused('volts', 'volts must be over 0.');
        }
        if ($softStartPct < 0 || $softStartPct > 100) {
            throw new Refused('soft_start_pct', 'soft_start_pct must be from 0 to 100.');
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Codebook\MotorCurrents;
use Underpin\Legs\Leg;
use Underpin\Limit;
use Underpin\Refused;

/**
 * Running and starting watts as a nameplate gives them. Watts are amperes × volts × power
 * factor, so that the load draws the nameplate's own amperes again when its legs are added up.
 */
final readonly class Nameplate
{
    private function __construct(public float $runW, public ?float $startW)
    {
    }

    /**
     * Rated amperes, and locked-rotor amperes where the plate has them.
     *
     * @param  ?float  $lockedRotorAmps  at least the rated amperes; null: none on the plate
     * @param  float  $pf  power factor, over 0 and at most 1
     * @param  float  $softStartPct  what a soft starter leaves of the locked-rotor current
     *
     * @throws Refused by field
     */
    public static function fromAmps(
        float $ratedAmps,
        Leg $leg,
        float $pf,
        ?float $lockedRotorAmps = null,
        float $softStartPct = 100.0,
    ): self {
        if ($ratedAmps < 0) {
            throw new Refused('rla', "Rated must not be below 0 A; $ratedAmps A was given.");
        }
        if ($lockedRotorAmps !== null && Limit::over($ratedAmps, $lockedRotorAmps)) {
            throw new Refused(
                'lra', "Locked rotor must be at least what the plate says as rated, $ratedAmps A; $lockedRotorAmps A was given.",
            );
        }
        $startAmps = $lockedRotorAmps === null
            ? null
            : max($ratedAmps, MotorStart::fromLockedRotor($lockedRotorAmps, $leg->volts(), $softStartPct)->amps);

        return new self($ratedAmps * $leg->volts() * $pf, $startAmps === null ? null : $startAmps * $leg->volts() * $pf);
    }

    /**
     * Horsepower and code letter: running amperes from Table 430.248, starting kVA from 430.7(B).
     *
     * @param  string  $hp  as on the plate, one of Table 430.248
     *
     * @throws Refused by field
     */
    public static function fromHorsepower(string $hp, string $codeLetter, Leg $leg, float $pf, float $softStartPct = 100.0): self
    {
        $run = MotorCurrents::fullLoadAmps($hp, $leg->volts());
        $start = MotorStart::fromCodeLetter(MotorCurrents::horsepower($hp), $codeLetter, $leg->volts(), $softStartPct)->amps;

        return self::fromAmps($run, $leg, $pf, max($run, $start));
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

use Underpin\Codebook\MotorCurrents;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Limit;
use Underpin\Say;

/** What the name of a circuit says hangs on it, with figures: an offer, which counts for nothing until somebody takes it. */
final readonly class Suggestion
{
    /**
     * @param  string  $circuit  id
     * @param  ?string  $load  id of the load that has no figures yet; null: a new one
     * @param  TypicalLoad  $typical  with its watts at the size that was said
     * @param  string  $why  where the figures come from
     */
    private function __construct(public string $circuit, public ?string $load, public TypicalLoad $typical, public string $why)
    {
    }

    /** Watts that stand in the name are its own; horsepower and tons make its figures larger or smaller in proportion. */
    public static function of(string $circuit, ?string $load, TypicalLoad $typical, SaidName $said): self
    {
        [$watts, $why] = self::said($typical, $said);
        if ($watts === null) {
            return new self($circuit, $load, $typical, 'usual for its kind');
        }

        return new self($circuit, $load, $typical->scaled($watts / max(1.0, $typical->runW->usual), $said->sizing($typical->name)), $why);
    }

    public function runW(Grade $grade = Grade::Usual): float
    {
        return round($this->typical->runW->at($grade));
    }

    /** Watts of its start; never below what it runs at. */
    public function startW(Grade $grade = Grade::Usual): float
    {
        return max(round($this->typical->startW->at($grade)), $this->runW($grade));
    }

    /** As a load of a job; what was said of one that is there already stays. */
    public function taken(string $newId, ?Load $there, Grade $grade = Grade::Usual): Load
    {
        $fresh = new Load(
            $this->load ?? $newId, $this->typical->name, $this->typical->kind, $this->runW($grade), $this->startW($grade),
            $this->typical->pf,
        );

        return $there === null ? $fresh : $there->with(
            kind: $there->kind === LoadKind::Other ? $fresh->kind : $there->kind, runW: $fresh->runW,
            startW: max($there->startW ?? 0.0, (float) $fresh->startW), pf: $there->pf < 1.0 ? $there->pf : $fresh->pf,
        );
    }

    /**
     * The running watts that the name says, and in what words.
     *
     * @return array{?float, string}
     */
    private static function said(TypicalLoad $typical, SaidName $said): array
    {
        $its = $typical->said;

        return match (true) {
            $said->watts !== null => [$said->watts, Say::watts($said->watts).', as the name says'],
            $said->hp !== null && ($its->hp === null || Limit::over(abs($said->hp - $its->hp), 0.0)) => self::ofMotor($typical, $said->hp),
            $said->tons !== null && $its->tons !== null && Limit::over(abs($said->tons - $its->tons), 0.0) => [
                $typical->runW->usual * $said->tons / $its->tons,
                sprintf('%s ton, in proportion to %s', Say::figure($said->tons), Say::figure($its->tons)),
            ],
            $said->amps !== null && $typical->kind === LoadKind::Charger => [
                $said->amps * $typical->volts, sprintf('%s at %d V, as the name says', Say::amps($said->amps), $typical->volts),
            ],
            default => [null, ''],
        };
    }

    /**
     * By the full-load amperes of the next motor of the table that is as large. NEC 2023 Table 430.248.
     *
     * @return array{?float, string}
     */
    private static function ofMotor(TypicalLoad $typical, float $hp): array
    {
        if (! $typical->kind->isMotor()) {
            return [null, ''];
        }
        foreach (MotorCurrents::sizes() as $size) {
            if (! Limit::over($hp, MotorCurrents::horsepower($size))) {
                $amps = MotorCurrents::fullLoadAmps($size, $typical->volts);

                return [$amps * $typical->volts * $typical->pf, "$size hp by NEC 2023 Table 430.248"];
            }
        }

        return [null, ''];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Limit;
use Underpin\Refused;

/** One thing that draws power on a circuit. Figures nobody knows yet are null, never 0. */
final readonly class Load
{
    /** What no single load of a house or small business draws. */
    public const MOST_W = 200_000.0;

    /** a day */
    public const LONGEST_CYCLE_S = 86_400.0;

    /**
     * @param  ?float  $runW  watts while running
     * @param  ?float  $startW  watts for the moment of starting, at least the running watts
     * @param  float  $pf  power factor, over 0 and at most 1
     * @param  ?Duty  $duty  null: as its kind usually runs
     * @param  ?float  $onS  seconds on in a cycle
     * @param  ?float  $offS  seconds off in a cycle
     * @param  ?Season  $season  null: all year
     * @param  ?PhaseOfUse  $phase  null: any time of day
     */
    public function __construct(
        public string $id,
        public string $name,
        public LoadKind $kind = LoadKind::Other,
        public ?float $runW = null,
        public ?float $startW = null,
        public float $pf = 1.0,
        public ?Duty $duty = null,
        public ?float $onS = null,
        public ?float $offS = null,
        public ?Season $season = null,
        public ?PhaseOfUse $phase = null,
    ) {
        if ($name === '') {
            throw new Refused('name', 'name: a load needs a name.');
        }
        foreach (['run_w' => $runW, 'start_w' => $startW] as $field => $watts) {
            if ($watts !== null && ($watts < 0 || $watts > self::MOST_W)) {
                throw new Refused($field, sprintf('%s must be from 0 to %s W.', $field, number_format(self::MOST_W)));
            }
        }
        if ($startW !== null && Limit::over($runW ?? 0.0, $startW)) {
            throw new Refused('start_w', sprintf('start_w must be at least the running watts (%s W).', number_format($runW ?? 0.0)));
        }
        if ($pf <= 0 || $pf > 1) {
            throw new Refused('pf', 'pf, the power factor, must be over 0 and at most 1.');
        }
        foreach (['on_s' => $onS, 'off_s' => $offS] as $field => $seconds) {
            if ($seconds !== null && $duty !== Duty::Cycling) {
                throw new Refused($field, "$field: only a cycling load has on and off times.");
            }
            if ($seconds !== null && ($seconds <= 0 || $seconds > self::LONGEST_CYCLE_S)) {
                throw new Refused($field, sprintf('%s must be over 0 and at most %s s, a day.', $field, number_format(self::LONGEST_CYCLE_S)));
            }
        }
    }

    public function knownRunW(): float
    {
        return $this->runW ?? 0.0;
    }

    /** Watts at the moment of starting; without a figure, the running watts. */
    public function knownStartW(): float
    {
        return $this->startW ?? $this->knownRunW();
    }

    /** Starts again by itself, as it was said or as its kind usually does. */
    public function cyclesByItself(): bool
    {
        return $this->duty === null ? $this->kind->cyclesByItself() : $this->duty === Duty::Cycling;
    }

    /** Runs in this season. */
    public function runsIn(Season $season): bool
    {
        return $this->season === null || $this->season === $season;
    }

    /** A motor without starting watts looks harmless on paper and is not. */
    public function startIsMissing(): bool
    {
        return $this->kind->isMotor() && $this->startW === null;
    }
}

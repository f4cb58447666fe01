<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\LoadPart;
use Underpin\Limit;
use Underpin\Refused;

/** One thing that draws power on a circuit. Figures nobody knows yet are null, never 0. */
final readonly class Load
{
    /** What no single load of a house or small business draws. */
    public const MOST_W = 200_000.0;

    /** a day */
    public const LONGEST_CYCLE_S = 86_400.0;

    /** a week */
    public const LONGEST_BRIDGE_MIN = 10_080.0;

    /**
     * @param  ?float  $runW  watts while running
     * @param  ?float  $startW  watts for the moment of starting, at least the running watts
     * @param  float  $pf  power factor, over 0 and at most 1
     * @param  ?Duty  $duty  null: as its kind usually runs
     * @param  ?float  $onS  seconds on in a cycle
     * @param  ?float  $offS  seconds off in a cycle
     * @param  ?Season  $season  null: all year
     * @param  ?PartOfDay  $partOfDay  null: any time of day
     * @param  ?int  $pole  of a two-pole breaker, the one that it hangs on with 120 V: 1 upper, 2 lower; null: on both, or there is one
     * @param  ?bool  $plug  it has a plug for a 120 V cord; null: not looked
     * @param  ?float  $bridgeMin  minutes that a battery or a cylinder of its own bridges; 0: nothing does; null: not asked
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
        public ?PartOfDay $partOfDay = null,
        public ?int $pole = null,
        public ?bool $plug = null,
        public ?float $bridgeMin = null,
    ) {
        LoadPart::form()->guard([
            'name' => $name, 'run_w' => $runW, 'start_w' => $startW, 'pf' => $pf, 'on_s' => $onS, 'off_s' => $offS,
            'pole' => $pole, 'bridge_min' => $bridgeMin,
        ]);
        if ($startW !== null && Limit::over($runW ?? 0.0, $startW)) {
            throw new Refused(
                'start_w',
                sprintf(
                    'Starts must be at least what it runs at (%s W); %s W was given.', number_format($runW ?? 0.0), number_format($startW),
                ),
            );
        }
        if ($duty !== Duty::Cycling && ($onS !== null || $offS !== null)) {
            $field = $onS !== null ? 'on_s' : 'off_s';
            throw new Refused($field, LoadPart::form()->field($field)->label.': only a cycling load has on and off times.');
        }
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
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

    /** A motor without starting watts looks harmless on paper and is not; what keeps somebody alive mostly has one inside. */
    public function startIsMissing(): bool
    {
        return ($this->kind->isMotor() || $this->kind === LoadKind::Medical) && $this->startW === null;
    }
}

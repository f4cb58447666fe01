<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Codebook\CordReach;
use Underpin\Codebook\Material;
use Underpin\Job\Part\WireRunPart;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;

/** What the electrician knows of the way from the machine to the panel. Null: not measured yet. */
final readonly class WireRun
{
    public const LONGEST_FT = 2000.0;

    public const COLDEST_C = -60.0;

    public const HOTTEST_C = 70.0;

    /**
     * @param  ?float  $cordFt  from the machine's safe spot to the inlet, with slack
     * @param  ?float  $runFt  from the inlet (or the standby machine) to the panel, one way
     * @param  ?int  $inletAmps  20, 30 or 50; null: as the machine's outlet
     * @param  float  $ambientC  hottest place along the run, °C; the hottest day of the survey counts where that is hotter
     * @param  bool  $wet  any part of the run lies in a wet place
     * @param  list<MeasuredLength>  $lengths  of what else is laid, each once
     */
    public function __construct(
        public ?float $cordFt = null,
        public ?float $runFt = null,
        public ?int $inletAmps = null,
        public WiringMethod $method = WiringMethod::Conduit,
        public Material $material = Material::Copper,
        public int $terminalC = 60,
        public float $ambientC = 30.0,
        public bool $wet = false,
        public Laying $laying = new Laying,
        public array $lengths = [],
    ) {
        WireRunPart::form()->guard([
            'cord_ft' => $cordFt, 'run_ft' => $runFt, 'inlet_a' => $inletAmps, 'terminal_c' => $terminalC, 'ambient_c' => $ambientC,
        ]);
    }

    /** One way, feet, with slack; null: not measured. */
    public function lengthFt(): ?float
    {
        return $this->runFt === null ? null : $this->runFt + ($this->laying->slackFt ?? 0.0);
    }

    /** One way, feet, of what lies between two pieces of equipment; null: not measured. */
    public function betweenFt(string $id): ?float
    {
        foreach ($this->lengths as $length) {
            if ($length->id === $id) {
                return $length->ft;
            }
        }

        return null;
    }

    /**
     * The same run with other lengths of what else is laid.
     *
     * @param  list<MeasuredLength>  $lengths
     */
    public function withLengths(array $lengths): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'lengths' => $lengths]);
    }

    /** It lies where water is: below grade it always does. NEC 2023 300.5(B). */
    public function isWet(): bool
    {
        return $this->wet || $this->laying->isBuried();
    }

    /** With the lengths of the site plan where none is typed: a cord with its slack, a run as long as its trench. */
    public function along(SitePlan $plan): self
    {
        $cord = $plan->route(RouteKind::Cord)?->ft();
        $trench = $plan->route(RouteKind::Trench)?->ft();
        if (($this->cordFt !== null || $cord === null) && ($this->runFt !== null || $trench === null)) {
            return $this;
        }

        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[
            ...get_object_vars($this), 'cordFt' => $this->cordFt ?? ($cord === null ? null : $cord + CordReach::SLACK_FT),
            'runFt' => $this->runFt ?? $trench,
        ]);
    }

    /** The same run with an inlet of that rating. */
    public function withInlet(int $amps): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'inletAmps' => $amps]);
    }

    /** The same run with terminals of this rating, °C. */
    public function withTerminals(int $terminalC): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'terminalC' => $terminalC]);
    }

    /** The same run where it is at least that hot. */
    public function atLeast(float $ambientC): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'ambientC' => max($this->ambientC, $ambientC)]);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Codebook\FuelFacts;
use Underpin\Outage\House\Tank;

/** What is in the tank and beside it while the machine runs. */
final class FuelGauge
{
    private ?float $left;

    private float $store;

    private float $burned = 0.0;

    private float $perS = 0.0;

    /** @param  ?Tank  $tank  null: what the machine burns is not known */
    public function __construct(private readonly ?Tank $tank)
    {
        $this->left = $tank?->holds;
        $this->store = $tank->store ?? 0.0;
    }

    public function runs(float $watts, float $clockH): void
    {
        $this->perS = $this->tank === null ? 0.0 : $this->tank->burn($watts, $clockH) / 3600;
    }

    public function stands(): void
    {
        $this->perS = 0.0;
    }

    public function pass(float $seconds): void
    {
        $used = $this->perS * $seconds;
        $this->burned += max(0.0, $used);
        if ($this->left !== null) {
            $this->left = max(0.0, min((float) $this->tank?->holds, $this->left - $used));
        }
    }

    /** Seconds until it is down to a share of what it holds; INF: never, as it runs now. */
    public function secondsUntil(float $share): float
    {
        if ($this->left === null || $this->perS <= 0) {
            return INF;
        }

        return max(0.0, ($this->left - $share * (float) $this->tank?->holds) / $this->perS);
    }

    /** By hand, from what is beside it. */
    public function fill(): void
    {
        $takes = min($this->store, max(0.0, (float) $this->tank?->holds - (float) $this->left));
        $this->store -= $takes;
        $this->left = (float) $this->left + $takes;
    }

    /** The cans are filled somewhere else, as full as they were; one at least. */
    public function fetch(): void
    {
        $this->store = max((float) $this->tank?->store, FuelFacts::CAN_GAL);
    }

    public function canBeFilled(): bool
    {
        return $this->tank?->isFilled === true && $this->store > 0;
    }

    public function share(): float
    {
        return $this->left === null || ! $this->tank?->holds ? 1.0 : $this->left / $this->tank->holds;
    }

    public function isDry(): bool
    {
        return $this->left !== null && $this->left <= 1e-9;
    }

    /** In the tank and beside it; 0 where no end of it is told. */
    public function left(): float
    {
        return (float) $this->left + $this->store;
    }

    public function burned(): float
    {
        return $this->burned;
    }
}

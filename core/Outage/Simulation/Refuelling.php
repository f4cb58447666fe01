<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Closure;
use Underpin\Outage\House\House;

/** Who fills the tank in an outage that is acted out, and when: by day, before the night, after waking, or once it is dry. */
final class Refuelling
{
    /** Seconds to stop, cool, fill and start again: 15 to 20 minutes, and the handling. */
    private const FILLS_S = 1500.0;

    /** Seconds to get more when the cans are empty: the nearest station that has power, there and back. */
    private const FETCHES_S = 7_200.0;

    /** What is left of the tank when it is filled by day, before the night, and by whoever wakes or comes home. */
    private const FILLS_AT = 0.25;

    private const FILLS_BEFORE_NIGHT = 0.85;

    private const FILLS_WHEN_BACK = 0.5;

    /** hours of the day at which somebody looks after it: before going to sleep, after waking, after coming home */
    private const LOOKS_H = [[22.25, self::FILLS_BEFORE_NIGHT], [6.75, self::FILLS_WHEN_BACK], [17.25, self::FILLS_WHEN_BACK]];

    /** somebody sleeps, or is away, past the moment at which the tank should be filled */
    private bool $isMissed = false;

    /**
     * @param  Closure(): void  $powerOff  breakers off, the engine stopped
     * @param  Closure(): void  $carry  the engine runs again
     */
    public function __construct(
        private readonly House $house, private readonly FuelGauge $fuel, private readonly OutageClock $clock,
        private readonly OutageLog $log, private readonly Closure $powerOff, private readonly Closure $carry,
    ) {
    }

    public function planLooks(): void
    {
        foreach (self::LOOKS_H as [$hour, $share]) {
            $this->clock->daily($hour, function () use ($share): void {
                $this->fillBelow($share);
            });
        }
    }

    /** @return float the moment at which the tank should be filled by day, in seconds; INF: none */
    public function lowAtS(): float
    {
        return $this->clock->isPowered() && ! $this->isMissed && $this->fuel->canBeFilled()
            ? $this->clock->nowS() + $this->fuel->secondsUntil(self::FILLS_AT) : INF;
    }

    public function low(): void
    {
        $this->isMissed = ! $this->fillBelow(1.0);
    }

    public function dry(): void
    {
        $isFilled = $this->house->tank?->isFilled === true;
        $canBeFilled = $this->fuel->canBeFilled();
        $fetches = $isFilled && ! $canBeFilled && $this->house->scenario->fetches;
        $this->log->moment($this->clock->nowS(), MomentKind::Dry, match (true) {
            $this->house->isBattery => 'The battery is flat.',
            $canBeFilled => 'The tank is dry: the engine stops.',
            $fetches => 'The tank is dry and the cans are empty: somebody has to fetch more.',
            $isFilled && $this->house->tank->storeIsKnown === false => 'The tank is dry; what is kept to fill it from is not known.',
            $isFilled => 'The tank is dry, and nothing is left to fill it from.',
            default => 'The fuel is used up: the engine stops.',
        });
        ($this->powerOff)();
        if ($canBeFilled || $fetches) {
            $this->clock->whenFound(self::FILLS_S + ($fetches ? self::FETCHES_S : 0.0), $this->filled(...));
        }
    }

    /** @return bool somebody is there who does it */
    private function fillBelow(float $share): bool
    {
        $awake = $this->clock->isSomebodyAwake();
        if ($awake && $this->clock->isPowered() && $this->fuel->canBeFilled() && $this->fuel->share() < $share) {
            $this->log->moment(
                $this->clock->nowS(), MomentKind::Refuelling, 'Breakers off, the engine stopped and cooled, then the tank is filled.',
            );
            ($this->powerOff)();
            $this->clock->plan(self::FILLS_S, $this->filled(...));
        }

        return $awake;
    }

    private function filled(): void
    {
        if (! $this->fuel->canBeFilled()) {
            $this->fuel->fetch();
        }
        $this->fuel->fill();
        $this->isMissed = false;
        ($this->carry)();
        if (! $this->fuel->canBeFilled() && $this->house->scenario->fetches) {
            // While it runs, not when it stands still.
            $this->clock->bySomebody(self::FETCHES_S, $this->fetched(...));
        }
    }

    private function fetched(): void
    {
        if (! $this->fuel->canBeFilled()) {
            $this->fuel->fetch();
            $this->log->moment($this->clock->nowS(), MomentKind::Fetched, 'The cans are full again.');
        }
    }
}

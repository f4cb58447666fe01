<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Closure;
use Underpin\Outage\House\House;

/** The time of an outage that is acted out: its moment, what is planned for later, and since when the machine carries. */
final class OutageClock
{
    /** Seconds until somebody has found a fault. */
    private const FINDS_S = 600.0;

    private readonly Agenda $agenda;

    private float $now = 0.0;

    private bool $isPowered = false;

    /** how often the power came or went: what was planned with an older one is void */
    private int $power = 0;

    public function __construct(private readonly House $house, private readonly OutageLog $log)
    {
        $this->agenda = new Agenda;
    }

    /** @return float seconds since the utility was gone */
    public function nowS(): float
    {
        return $this->now;
    }

    /** @return float hour of the day */
    public function hour(): float
    {
        return $this->house->weather->clockH($this->now);
    }

    /** @return float the moment of what is planned next, in seconds; INF: nothing is */
    public function nextS(): float
    {
        return $this->agenda->nextS();
    }

    public function goTo(float $thenS): void
    {
        $this->now = $thenS;
    }

    /** All that was planned for this moment. */
    public function happen(): void
    {
        $this->agenda->happen($this->now);
    }

    public function powerOn(): void
    {
        $this->isPowered = true;
        $this->power++;
    }

    public function powerOff(): void
    {
        $this->isPowered = false;
        $this->power++;
    }

    public function isPowered(): bool
    {
        return $this->isPowered;
    }

    public function wasPowered(): bool
    {
        return $this->power > 0;
    }

    /** @param  Closure(): void  $then */
    public function plan(float $inS, Closure $then): void
    {
        $this->agenda->add($this->now + $inS, $then);
    }

    /**
     * Every day when the clock stands there.
     *
     * @param  float  $hour  of the day
     * @param  Closure(): void  $then
     */
    public function daily(float $hour, Closure $then): void
    {
        $scenario = $this->house->scenario;
        for ($day = 0; $day * 24 + $hour - $scenario->startHour < $scenario->hours; $day++) {
            if ($day * 24 + $hour > $scenario->startHour) {
                $this->agenda->add(($day * 24 + $hour - $scenario->startHour) * 3600, $then);
            }
        }
    }

    /** @param  Closure(): void  $then */
    public function whilePowered(float $inS, Closure $then): void
    {
        $power = $this->power;
        $this->plan($inS, fn () => $power === $this->power ? $then() : null);
    }

    public function isSomebodyAwake(): bool
    {
        return $this->house->scenario->home->isAwake($this->hour());
    }

    /**
     * When somebody is at home and awake, and so long after.
     *
     * @param  Closure(): void  $then
     */
    public function bySomebody(float $afterS, Closure $then): void
    {
        $hours = $this->house->scenario->home->hoursUntilAwake($this->hour());
        if ($hours === null) {
            $this->log->moment($this->now, MomentKind::Nobody, 'Nobody is there to see to it.');
        } else {
            $this->plan($hours * 3600 + $afterS, $then);
        }
    }

    /**
     * When somebody has found what is wrong, and so long after.
     *
     * @param  Closure(): void  $then
     */
    public function whenFound(float $afterS, Closure $then): void
    {
        $this->bySomebody(self::FINDS_S + $afterS, $then);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Job\Circuit;
use Underpin\Outage\House\House;
use Underpin\Outage\House\HouseCircuit;
use Underpin\Outage\Machine\Protection;
use Underpin\Outage\Order;
use Underpin\Say;

/**
 * An outage acted out, from change to change: loads that cycle by weather and use, somebody who brings them on, what the machine does
 * when it is too much, fuel that is filled. Its cost grows with the number of changes, not with the length of time.
 */
final class ActedOutage
{
    /** Seconds until the machine stands outside, is plugged in and started; until its engine is warm. */
    private const PREPARES_S = 900.0;

    private const WARMS_S = 240.0;

    /** From one handle to the next without a wait. */
    private const HANDLE_S = 1.0;

    /** Seconds until an automatic switch has started the engine and transferred. */
    private const TRANSFERS_S = 20.0;

    /** A circuit that has been the last straw so often stays off. */
    private const LEFT_OFF_AT = 2;

    private readonly OutageClock $clock;

    private readonly LoadStates $loads;

    private readonly FuelGauge $fuel;

    /** @var list<Protection> */
    private readonly array $protections;

    private readonly OutageLog $log;

    private readonly Shedding $shedding;

    private readonly Refuelling $refuelling;

    /** when a protection acts */
    private float $actsAtS = INF;

    /** @var array<int, true> places of circuits that nobody brings on any more */
    private array $leftOff = [];

    private function __construct(private readonly House $house, private readonly ?Trace $trace)
    {
        $this->fuel = new FuelGauge($house->tank);
        $this->protections = $house->protections();
        $this->log = new OutageLog($house->supply->runLimitAmps(), count($house->circuits));
        $this->clock = new OutageClock($house, $this->log);
        $this->loads = new LoadStates($house, $this->log, $trace);
        $this->shedding = new Shedding($house, $this->loads, $this->clock, $this->log, $this->bringOn(...));
        $this->refuelling = new Refuelling(
            $house, $this->fuel, $this->clock, $this->log, $this->powerOff(...), $this->carry(...),
        );
    }

    /** @param  ?Trace  $trace  that takes every change; null: nobody wants them */
    public static function of(House $house, ?Trace $trace = null): OutageResult
    {
        $outage = new self($house, $trace);
        $outage->begin();
        $outage->run($house->scenario->seconds());

        return $outage->log->result($house, $outage->fuel, $outage->clock->nowS(), array_keys($outage->leftOff));
    }

    private function begin(): void
    {
        $this->log->moment(0.0, MomentKind::Lost, 'The utility is gone.');
        $this->settle();
        if ($this->house->startsByItself) {
            $this->clock->plan(self::TRANSFERS_S, $this->carry(...));
        } else {
            $this->clock->bySomebody(self::PREPARES_S + $this->warmsS(), $this->carry(...));
        }
        $scenario = $this->house->scenario;
        foreach ($scenario->deeds as $deed) {
            $place = $this->house->place($deed->circuit);
            if ($place !== null) {
                $this->clock->plan($deed->atH * 3600, fn () => $deed->on ? $this->turnOn($place) : $this->turnOff($place));
            }
        }
        $this->refuelling->planLooks();
        foreach ($this->house->trial->turns?->switches() ?? [] as [$hour, $off, $on]) {
            $this->clock->daily($hour, fn () => $this->takeTurns($off, $on));
        }
        // The sun on a battery moves without any load that changes.
        for ($hour = 0.5; ($this->house->tank->sunPerH ?? 0.0) > 0 && $hour < $scenario->hours; $hour += 0.5) {
            $this->clock->plan($hour * 3600, fn () => null);
        }
    }

    private function run(float $untilS): void
    {
        while (true) {
            $shed = $this->shedding->actsAtS();
            $dry = $this->clock->isPowered() ? $this->clock->nowS() + $this->fuel->secondsUntil(0.0) : INF;
            $low = $this->refuelling->lowAtS();
            $at = min($this->clock->nextS(), $this->actsAtS, $shed, $dry, $low);
            if ($at >= $untilS) {
                break;
            }
            $this->passTo($at);
            match ($at) {
                $this->actsAtS => $this->trip(),
                $shed => $this->shedding->act(),
                $dry => $this->refuelling->dry(),
                $low => $this->refuelling->low(),
                default => $this->clock->happen(),
            };
            $this->settle();
        }
        $this->passTo($untilS);
        $this->loads->end($untilS);
        $this->log->moment($untilS, MomentKind::Back, 'The utility is back.');
    }

    private function passTo(float $then): void
    {
        $passed = $then - $this->clock->nowS();
        if ($passed > 0) {
            $this->log->pass($this->clock->nowS(), $passed, $this->loads->sum(), $this->clock->isPowered());
            $this->fuel->pass($passed);
            $this->clock->goTo($then);
        }
    }

    /** What follows from the legs as they are now. */
    private function settle(): void
    {
        [$watts, $a, $b] = $this->loads->sum();
        $this->actsAtS = INF;
        if ($this->clock->isPowered()) {
            foreach ($this->protections as $protection) {
                $protection->carry($this->clock->nowS(), $a, $b);
                $this->actsAtS = min($this->actsAtS, $protection->actsAtS());
            }
            $this->fuel->runs($watts, $this->clock->hour());
        } else {
            $this->fuel->stands();
        }
        $this->shedding->carry($a, $b);
        $this->trace?->legs($this->clock->nowS(), $a, $b, $this->fuel->left());
        $this->loads->trace($this->clock->nowS());
    }

    private function carry(): void
    {
        $isFirst = ! $this->clock->wasPowered();
        $this->clock->powerOn();
        $places = array_keys(array_filter(
            array_diff_key($this->house->circuits, $this->leftOff), fn (HouseCircuit $c): bool => $this->hasItsTurn($c),
        ));
        $transfers = $this->house->startsByItself && $isFirst;
        if ($transfers || $this->house->trial->order === Order::AtOnce) {
            $this->log->moment($this->clock->nowS(), MomentKind::Ready, sprintf(
                $transfers ? 'The engine runs and the switch transfers: %s at once.' : 'The machine carries. %s at once.',
                Say::count(count($places), 'circuit'),
            ));
            array_map($this->bringOn(...), $places);

            return;
        }
        $wait = 0.0;
        foreach ($places as $place) {
            $this->clock->whilePowered($wait, fn () => $this->bringOn($place));
            $wait += $this->house->trial->order === Order::Panel ? self::HANDLE_S : $this->house->circuits[$place]->settleS;
        }
        $this->log->moment($this->clock->nowS(), MomentKind::Ready, sprintf(
            'The machine carries. %s brought on one by one, in %d min.',
            Say::count(count($places), 'circuit').(count($places) === 1 ? ' is' : ' are'), (int) ceil($wait / 60),
        ));
    }

    /**
     * Off first, then on, one handle after the other.
     *
     * @param  list<Circuit>  $off
     * @param  list<Circuit>  $on
     */
    private function takeTurns(array $off, array $on): void
    {
        if (! $this->clock->isPowered()) {
            return;
        }
        foreach ($off as $circuit) {
            $this->loads->dead((int) $this->house->place($circuit->id), $this->clock->nowS());
        }
        $names = fn (Circuit ...$circuits): string => Say::list(
            array_values(array_map(fn (Circuit $c): string => $c->title(), $circuits)), 3,
        );
        $this->log->moment($this->clock->nowS(), MomentKind::Turn, ucfirst(implode('; ', array_filter([
            $off === [] ? '' : $names(...$off).' off', $on === [] ? '' : $names(...$on).' on',
        ]))).'.');
        $wait = self::HANDLE_S;
        foreach ($on as $circuit) {
            $place = (int) $this->house->place($circuit->id);
            if (! isset($this->leftOff[$place])) {
                $this->clock->whilePowered($wait, fn () => $this->bringOn($place));
                $wait += $this->house->circuits[$place]->settleS;
            }
        }
    }

    private function hasItsTurn(HouseCircuit $circuit): bool
    {
        return $this->house->trial->turns?->isOn($circuit->id, $this->clock->hour()) ?? true;
    }

    private function bringOn(int $place): void
    {
        if (! $this->hasItsTurn($this->house->circuits[$place])) {
            return;
        }
        foreach ($this->loads->live($place, $this->clock->nowS()) as $load => [$wait, $track]) {
            if ($wait <= 0) {
                $this->loadOn($load, $track);
            } elseif (is_finite($wait)) {
                $this->clock->plan($wait, fn () => $this->loadOn($load, $track));
            }
        }
    }

    private function loadOn(int $load, int $track): void
    {
        if (! $this->loads->on($load, $track, $this->clock->nowS())) {
            return;
        }
        $startS = $this->house->loads[$load]->startS;
        $onS = $this->house->loads[$load]->pattern->onS($this->clock->nowS());
        if ($startS > 0) {
            $this->clock->plan($startS, fn () => $this->loads->started($load, $track));
        }
        if (is_finite($onS)) {
            $this->clock->plan(max($onS, $startS), fn () => $this->loadOff($load, $track));
        }
    }

    private function loadOff(int $load, int $track): void
    {
        if ($this->loads->off($load, $track, $this->clock->nowS())) {
            $offS = $this->house->loads[$load]->pattern->offS($this->clock->nowS());
            if (is_finite($offS)) {
                $this->clock->plan($offS, fn () => $this->loadOn($load, $track));
            }
        }
    }

    private function trip(): void
    {
        $acting = $this->protections[0];
        foreach ($this->protections as $protection) {
            $acting = $protection->actsAtS() <= $this->clock->nowS() ? $protection : $acting;
        }
        $trip = $acting->trip();
        $place = $this->loads->last() ?? 0;
        [, $a, $b] = $this->loads->sum();
        $limit = $trip->isMomentary() ? $this->house->supply->surgeLimitAmps() : $this->house->supply->runLimitAmps();
        $this->log->moment($this->clock->nowS(), MomentKind::Trip, sprintf(
            '%s: leg %s at %s, of %s%s, after %s went on.', $trip->words(), $a >= $b ? 'A' : 'B', Say::ampsOver(max($a, $b), $limit),
            Say::amps($limit), $trip->isMomentary() ? ' for a moment' : ' for hours', $this->house->circuits[$place]->title,
        ), $place, $trip);
        if ($this->log->trip($place) >= self::LEFT_OFF_AT) {
            $this->leaveOff($trip->isMomentary() ? $place : $this->loads->largest() ?? $place);
        }
        $this->powerOff();
        $this->clock->whenFound(($trip->stops() ? $this->warmsS() : 0.0), $this->carry(...));
    }

    /** What keeps somebody alive is never left off: something else is. */
    private function leaveOff(int $place): void
    {
        $gone = $this->house->circuits[$place]->isMedical ? $this->loads->largest() : $place;
        if ($gone !== null) {
            $this->leftOff[$gone] = true;
            $this->log->moment(
                $this->clock->nowS(), MomentKind::LeftOff, "{$this->house->circuits[$gone]->title} is left off from now on.", $gone,
            );
        }
    }

    private function powerOff(): void
    {
        $this->clock->powerOff();
        $this->loads->allDead($this->clock->nowS());
        foreach ($this->protections as $protection) {
            $protection->putBack($this->clock->nowS());
        }
    }

    private function turnOn(int $place): void
    {
        unset($this->leftOff[$place]);
        $this->log->moment($this->clock->nowS(), MomentKind::On, "Somebody turns {$this->house->circuits[$place]->title} on.", $place);
        if ($this->clock->isPowered()) {
            $this->bringOn($place);
        }
    }

    private function turnOff(int $place): void
    {
        $this->leftOff[$place] = true;
        $this->log->moment($this->clock->nowS(), MomentKind::Off, "Somebody turns {$this->house->circuits[$place]->title} off.", $place);
        $this->loads->dead($place, $this->clock->nowS());
    }

    private function warmsS(): float
    {
        return $this->house->isBattery ? 0.0 : self::WARMS_S;
    }
}

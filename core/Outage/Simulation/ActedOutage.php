<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Closure;
use Underpin\Job\Circuit;
use Underpin\Limit;
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
    /** Seconds until the machine stands outside, is plugged in and started; until its engine is warm; until somebody has found a fault. */
    private const PREPARES_S = 900.0;

    private const WARMS_S = 240.0;

    private const FINDS_S = 600.0;

    /** Seconds to stop, cool, fill and start again: 15 to 20 minutes, and the handling. */
    private const FILLS_S = 1500.0;

    /** Seconds to get more when the cans are empty: the nearest station that has power, there and back. */
    private const FETCHES_S = 7_200.0;

    /** From one handle to the next without a wait. */
    private const HANDLE_S = 1.0;

    /** Seconds until an automatic switch has started the engine and transferred. */
    private const TRANSFERS_S = 20.0;

    /** What is left of the tank when it is filled by day, before the night, and by whoever wakes or comes home. */
    private const FILLS_AT = 0.25;

    private const FILLS_BEFORE_NIGHT = 0.85;

    private const FILLS_WHEN_BACK = 0.5;

    /** hours of the day at which somebody looks after it: before going to sleep, after waking, after coming home */
    private const LOOKS_H = [[22.25, self::FILLS_BEFORE_NIGHT], [6.75, self::FILLS_WHEN_BACK], [17.25, self::FILLS_WHEN_BACK]];

    /** Seconds above the limit after which a load is shed, if nothing has acted before. */
    private const SHEDS_AFTER_S = 0.2;

    /** A circuit that has been the last straw so often stays off. */
    private const LEFT_OFF_AT = 2;

    private readonly Agenda $agenda;

    private float $now = 0.0;

    private bool $feeds = false;

    /** how often the power came or went: what was planned with an older one is void */
    private int $power = 0;

    private readonly LoadStates $loads;

    private readonly FuelGauge $fuel;

    /** @var list<Protection> */
    private readonly array $protections;

    private readonly OutageLog $log;

    /** when a protection acts, and since when a leg is over its limit */
    private float $actsAtS = INF;

    private float $overS = INF;

    /** @var array<int, true> places of circuits that nobody brings on any more */
    private array $leftOff = [];

    /** @var array<int, true> places of circuits that are shed */
    private array $shed = [];

    /** somebody sleeps, or is away, past the moment at which the tank should be filled */
    private bool $isMissed = false;

    private function __construct(private readonly House $house, private readonly ?Trace $trace)
    {
        $this->agenda = new Agenda;
        $this->fuel = new FuelGauge($house->tank);
        $this->protections = $house->protections();
        $this->log = new OutageLog($house->supply->runLimitAmps(), count($house->circuits));
        $this->loads = new LoadStates($house, $this->log, $trace);
    }

    /** @param  ?Trace  $trace  that takes every change; null: nobody wants them */
    public static function of(House $house, ?Trace $trace = null): OutageResult
    {
        $outage = new self($house, $trace);
        $outage->begin();
        $outage->run($house->scenario->seconds());

        return $outage->log->result($house, $outage->fuel, $outage->now, array_keys($outage->leftOff));
    }

    private function begin(): void
    {
        $this->log->moment(0.0, MomentKind::Lost, 'The utility is gone.');
        $this->settle();
        if ($this->house->startsByItself) {
            $this->plan(self::TRANSFERS_S, $this->carry(...));
        } else {
            $this->bySomebody(self::PREPARES_S + $this->warmsS(), $this->carry(...));
        }
        $scenario = $this->house->scenario;
        foreach ($scenario->deeds as $deed) {
            $place = $this->house->place($deed->circuit);
            if ($place !== null) {
                $this->plan($deed->atH * 3600, fn () => $deed->on ? $this->turnOn($place) : $this->turnOff($place));
            }
        }
        $daily = new Daily($scenario->startHour, $scenario->hours);
        foreach (self::LOOKS_H as [$clock, $share]) {
            foreach ($daily->at($clock) as $at) {
                $this->agenda->add($at, function () use ($share): void {
                    $this->fillBelow($share);
                });
            }
        }
        foreach ($this->house->trial->turns?->switches() ?? [] as [$clock, $off, $on]) {
            foreach ($daily->at($clock) as $at) {
                $this->agenda->add($at, fn () => $this->takeTurns($off, $on));
            }
        }
        // The sun on a battery moves without any load that changes.
        for ($hour = 0.5; ($this->house->tank->sunPerH ?? 0.0) > 0 && $hour < $scenario->hours; $hour += 0.5) {
            $this->plan($hour * 3600, fn () => null);
        }
    }

    private function run(float $untilS): void
    {
        while (true) {
            $event = $this->agenda->nextS();
            $shed = $this->overS + self::SHEDS_AFTER_S;
            $dry = $this->feeds ? $this->now + $this->fuel->secondsUntil(0.0) : INF;
            $low = $this->feeds && ! $this->isMissed && $this->fuel->canBeFilled()
                ? $this->now + $this->fuel->secondsUntil(self::FILLS_AT) : INF;
            $at = min($event, $this->actsAtS, $shed, $dry, $low);
            if ($at >= $untilS) {
                break;
            }
            $this->passTo($at);
            match ($at) {
                $this->actsAtS => $this->trip(),
                $shed => $this->shedOne(),
                $dry => $this->runDry(),
                $low => $this->isMissed = ! $this->fillBelow(1.0),
                default => $this->agenda->happen($at),
            };
            $this->settle();
        }
        $this->passTo($untilS);
        $this->loads->end($untilS);
        $this->log->moment($untilS, MomentKind::Back, 'The utility is back.');
    }

    private function passTo(float $then): void
    {
        $passed = $then - $this->now;
        if ($passed > 0) {
            $this->log->pass($this->now, $passed, $this->loads->sum(), $this->feeds);
            $this->fuel->pass($passed);
            $this->now = $then;
        }
    }

    /** What follows from the legs as they are now. */
    private function settle(): void
    {
        [$watts, $a, $b] = $this->loads->sum();
        $this->actsAtS = INF;
        if ($this->feeds) {
            foreach ($this->protections as $protection) {
                $protection->carry($this->now, $a, $b);
                $this->actsAtS = min($this->actsAtS, $protection->actsAtS());
            }
            $this->fuel->runs($watts, $this->clockH());
        } else {
            $this->fuel->stands();
        }
        $isOver = Limit::over(max($a, $b), $this->house->supply->runLimitAmps()) && $this->shedNext() !== null;
        $this->overS = $isOver ? min($this->overS, $this->now) : INF;
        $this->trace?->legs($this->now, $a, $b, $this->fuel->left());
        $this->loads->trace($this->now);
    }

    private function carry(): void
    {
        $isFirst = $this->power === 0;
        $this->power++;
        $this->feeds = true;
        $this->shed = [];
        $places = array_keys(array_filter(
            array_diff_key($this->house->circuits, $this->leftOff), fn (HouseCircuit $c): bool => $this->hasItsTurn($c),
        ));
        $transfers = $this->house->startsByItself && $isFirst;
        if ($transfers || $this->house->trial->order === Order::AtOnce) {
            $this->log->moment($this->now, MomentKind::Ready, sprintf(
                $transfers ? 'The engine runs and the switch transfers: %s at once.' : 'The machine carries. %s at once.',
                ucfirst(Say::count(count($places), 'circuit')),
            ));
            array_map($this->bringOn(...), $places);

            return;
        }
        $wait = 0.0;
        foreach ($places as $place) {
            $this->whilePowered($wait, fn () => $this->bringOn($place));
            $wait += $this->house->trial->order === Order::Panel ? self::HANDLE_S : $this->house->circuits[$place]->settleS;
        }
        $this->log->moment($this->now, MomentKind::Ready, sprintf(
            'The machine carries. %s are brought on one by one, in %d min.', ucfirst(Say::count(count($places), 'circuit')),
            (int) ceil($wait / 60),
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
        if (! $this->feeds) {
            return;
        }
        foreach ($off as $circuit) {
            $this->loads->dead((int) $this->house->place($circuit->id), $this->now);
        }
        $names = fn (Circuit ...$circuits): string => Say::list(
            array_values(array_map(fn (Circuit $c): string => $c->title(), $circuits)), 3,
        );
        $this->log->moment($this->now, MomentKind::Turn, ucfirst(implode('; ', array_filter([
            $off === [] ? '' : $names(...$off).' off', $on === [] ? '' : $names(...$on).' on',
        ]))).'.');
        $wait = self::HANDLE_S;
        foreach ($on as $circuit) {
            $place = (int) $this->house->place($circuit->id);
            if (! isset($this->leftOff[$place])) {
                $this->whilePowered($wait, fn () => $this->bringOn($place));
                $wait += $this->house->circuits[$place]->settleS;
            }
        }
    }

    private function hasItsTurn(HouseCircuit $circuit): bool
    {
        return $this->house->trial->turns?->isOn($circuit->id, $this->clockH()) ?? true;
    }

    private function bringOn(int $place): void
    {
        if (! $this->hasItsTurn($this->house->circuits[$place])) {
            return;
        }
        foreach ($this->loads->live($place, $this->now) as $load => [$wait, $track]) {
            if ($wait <= 0) {
                $this->loadOn($load, $track);
            } elseif (is_finite($wait)) {
                $this->plan($wait, fn () => $this->loadOn($load, $track));
            }
        }
    }

    private function loadOn(int $load, int $track): void
    {
        if (! $this->loads->on($load, $track, $this->now)) {
            return;
        }
        $startS = $this->house->loads[$load]->startS;
        $onS = $this->house->loads[$load]->pattern->onS($this->now);
        if ($startS > 0) {
            $this->plan($startS, fn () => $this->loads->started($load, $track));
        }
        if (is_finite($onS)) {
            $this->plan(max($onS, $startS), fn () => $this->loadOff($load, $track));
        }
    }

    private function loadOff(int $load, int $track): void
    {
        if ($this->loads->off($load, $track, $this->now)) {
            $offS = $this->house->loads[$load]->pattern->offS($this->now);
            if (is_finite($offS)) {
                $this->plan($offS, fn () => $this->loadOn($load, $track));
            }
        }
    }

    private function trip(): void
    {
        $acting = $this->protections[0];
        foreach ($this->protections as $protection) {
            $acting = $protection->actsAtS() <= $this->now ? $protection : $acting;
        }
        $trip = $acting->trip();
        $place = $this->loads->last() ?? 0;
        [, $a, $b] = $this->loads->sum();
        $limit = $trip->isMomentary() ? $this->house->supply->surgeLimitAmps() : $this->house->supply->runLimitAmps();
        $this->log->moment($this->now, MomentKind::Trip, sprintf(
            '%s: leg %s at %s, of %s%s, after %s went on.', $trip->words(), $a >= $b ? 'A' : 'B', Say::ampsOver(max($a, $b), $limit),
            Say::amps($limit), $trip->isMomentary() ? ' for a moment' : ' for hours', $this->house->circuits[$place]->title,
        ), $place, $trip);
        if ($this->log->trip($place) >= self::LEFT_OFF_AT) {
            $this->leaveOff($trip->isMomentary() ? $place : $this->loads->largest() ?? $place);
        }
        $this->powerOff();
        $this->bySomebody(self::FINDS_S + ($trip->stops() ? $this->warmsS() : 0.0), $this->carry(...));
    }

    /** What keeps somebody alive is never left off: something else is. */
    private function leaveOff(int $place): void
    {
        $gone = $this->house->circuits[$place]->isMedical ? $this->loads->largest() : $place;
        if ($gone !== null) {
            $this->leftOff[$gone] = true;
            $this->log->moment(
                $this->now, MomentKind::LeftOff, "{$this->house->circuits[$gone]->title} is left off from now on.", $gone,
            );
        }
    }

    private function powerOff(): void
    {
        $this->feeds = false;
        $this->power++;
        $this->loads->allDead($this->now);
        foreach ($this->protections as $protection) {
            $protection->putBack($this->now);
        }
    }

    private function runDry(): void
    {
        $isFilled = $this->house->tank?->isFilled === true;
        $canBeFilled = $this->fuel->canBeFilled();
        $fetches = $isFilled && ! $canBeFilled && $this->house->scenario->fetches;
        $this->log->moment($this->now, MomentKind::Dry, match (true) {
            $this->house->isBattery => 'The battery is flat.',
            $canBeFilled => 'The tank is dry: the engine stops.',
            $fetches => 'The tank is dry and the cans are empty: somebody has to fetch more.',
            $isFilled && $this->house->tank->storeIsKnown === false => 'The tank is dry; what is kept to fill it from is not known.',
            $isFilled => 'The tank is dry, and nothing is left to fill it from.',
            default => 'The fuel is used up: the engine stops.',
        });
        $this->powerOff();
        if ($canBeFilled || $fetches) {
            $this->bySomebody(self::FINDS_S + self::FILLS_S + ($fetches ? self::FETCHES_S : 0.0), $this->filled(...));
        }
    }

    /** @return bool somebody is there who does it */
    private function fillBelow(float $share): bool
    {
        $awake = $this->house->scenario->home->isAwake($this->clockH());
        if ($awake && $this->feeds && $this->fuel->canBeFilled() && $this->fuel->share() < $share) {
            $this->log->moment($this->now, MomentKind::Refuelling, 'Breakers off, the engine stopped and cooled, then the tank is filled.');
            $this->powerOff();
            $this->plan(self::FILLS_S, $this->filled(...));
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
        $this->carry();
        if (! $this->fuel->canBeFilled() && $this->house->scenario->fetches) {
            // While it runs, not when it stands still.
            $this->bySomebody(self::FETCHES_S, $this->fetched(...));
        }
    }

    private function fetched(): void
    {
        if (! $this->fuel->canBeFilled()) {
            $this->fuel->fetch();
            $this->log->moment($this->now, MomentKind::Fetched, 'The cans are full again.');
        }
    }

    /** Place of what is shed next; null: there is nothing more. */
    private function shedNext(): ?int
    {
        $next = null;
        foreach ($this->house->shedding as $place) {
            if ($this->loads->isLive($place)) {
                $next = $place;
                break;
            }
        }

        return $next;
    }

    private function shedOne(): void
    {
        $place = $this->shedNext();
        if ($place !== null) {
            $this->shed[$place] = true;
            $this->loads->dead($place, $this->now);
            $this->overS = INF;
            $this->log->moment($this->now, MomentKind::Shed, "{$this->house->circuits[$place]->title} is shed.", $place);
            $this->whilePowered($this->shedDelayS($place), fn () => $this->shedBack($place));
        }
    }

    private function shedBack(int $place): void
    {
        [, $a, $b] = $this->loads->sum();
        $circuit = $this->house->circuits[$place];
        if (Limit::over(max($a, $b) + $circuit->runAmps, $this->house->supply->runLimitAmps())) {
            $this->whilePowered($this->shedDelayS($place), fn () => $this->shedBack($place));

            return;
        }
        unset($this->shed[$place]);
        $this->log->moment($this->now, MomentKind::ShedBack, "$circuit->title is back.", $place);
        $this->bringOn($place);
    }

    private function shedDelayS(int $place): float
    {
        return max(1.0, (float) ($this->house->circuits[$place]->shed->delayS ?? 0));
    }

    private function turnOn(int $place): void
    {
        unset($this->leftOff[$place]);
        $this->log->moment($this->now, MomentKind::On, "Somebody turns {$this->house->circuits[$place]->title} on.", $place);
        if ($this->feeds) {
            $this->bringOn($place);
        }
    }

    private function turnOff(int $place): void
    {
        $this->leftOff[$place] = true;
        $this->log->moment($this->now, MomentKind::Off, "Somebody turns {$this->house->circuits[$place]->title} off.", $place);
        $this->loads->dead($place, $this->now);
    }

    private function warmsS(): float
    {
        return $this->house->isBattery ? 0.0 : self::WARMS_S;
    }

    private function clockH(): float
    {
        return $this->house->weather->clockH($this->now);
    }

    /** @param  Closure(): void  $then */
    private function plan(float $inS, Closure $then): void
    {
        $this->agenda->add($this->now + $inS, $then);
    }

    /** @param  Closure(): void  $then */
    private function whilePowered(float $inS, Closure $then): void
    {
        $power = $this->power;
        $this->plan($inS, fn () => $power === $this->power ? $then() : null);
    }

    /**
     * When somebody is at home and awake, and so long after.
     *
     * @param  Closure(): void  $then
     */
    private function bySomebody(float $afterS, Closure $then): void
    {
        $hours = $this->house->scenario->home->hoursUntilAwake($this->clockH());
        if ($hours === null) {
            $this->log->moment($this->now, MomentKind::Nobody, 'Nobody is there to see to it.');
        } else {
            $this->plan($hours * 3600 + $afterS, $then);
        }
    }
}

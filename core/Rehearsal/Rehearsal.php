<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Codebook\Alternators;
use Underpin\Limit;
use Underpin\Say;

/**
 * A house on the screen: an outage strikes, handles are thrown one after the other, and what follows from each is worked out. Nothing
 * that a plate or a switch locks can be joined; a mistake is told by what it would have done.
 */
final readonly class Rehearsal
{
    /** Seconds that an engine runs before it takes a load: 3 to 5 minutes. */
    public const WARM_S = 180;

    /** Seconds after which a choke that is still out starves it. */
    private const CHOKE_S = 120;

    /** Seconds that a hot engine cools before fuel comes near it: 15 to 20 minutes. */
    private const COOL_S = 900;

    /** Seconds of steady utility before going back: 10 to 15 minutes. */
    private const STEADY_S = 600;

    private const KIN_V = 7_200;

    public function __construct(public House $house, public Scene $scene = Scene::Night)
    {
    }

    /** The outage has struck: everything is as it was a second ago. */
    public function begin(): State
    {
        $on = [];
        foreach ($this->house->circuits as $circuit) {
            $on[$circuit->id] = $this->house->arrangement !== Arrangement::Places && $this->house->arrangement !== Arrangement::Cords;
        }

        return (new State(on: $on, cordAtInlet: $this->house->cordStays(), idle: $this->house->hasValve()))->saying($this->scene->opens().(
            $this->house->arrangement === Arrangement::Automatic
                ? ' The machine should start by itself within half a minute; tonight it does not.'
                : ' Everything is as it was a second ago: breakers on, the machine in its place.'
        ));
    }

    /** @param  list<Handle>  $handles */
    public function after(array $handles): State
    {
        $state = $this->begin();
        $before = [];
        foreach ($handles as $handle) {
            if ($handle->kind === HandleKind::TakeBack) {
                $last = array_pop($before);
                // What happened has been seen, and stays told; its effect goes.
                $state = $last === null ? $state : $last->with(s: $state->s + $handle->afterS,
                    happenings: $state->happenings)->saying('Taken back.');

                continue;
            }
            $before[] = $state;
            $state = $this->done($this->passed($state, $handle), $handle);
        }

        return $state;
    }

    /** @return list<string> ids of circuits that the generator feeds */
    public function fed(State $state): array
    {
        $reaches = $state->isRunning() && (! $this->house->hasCord() || ($state->cordAtInlet && $state->cordAtMachine)) && match (
            $this->house->arrangement
        ) {
            Arrangement::Plate => $state->generator,
            Arrangement::Lever, Arrangement::Automatic => $state->lever === 'generator',
            Arrangement::Places, Arrangement::Cords => true,
        };

        return $reaches ? $this->house->behindFeeders(array_map(strval(...), array_keys(array_filter($state->on)))) : [];
    }

    /** Something hangs on the machine; a feeder with nothing on behind it is nothing. */
    private function isLoaded(State $state): bool
    {
        return array_filter($this->fed($state), fn (string $id): bool => ! $this->house->isFeeder($id)) !== [];
    }

    /** @return list<string> ids of circuits that the utility feeds */
    public function onUtility(State $state): array
    {
        $reaches = $state->utility && match ($this->house->arrangement) {
            Arrangement::Plate => $state->main,
            Arrangement::Lever, Arrangement::Automatic => $state->lever === 'utility',
            Arrangement::Places, Arrangement::Cords => true,
        };
        $byPlaces = $this->house->arrangement === Arrangement::Places || $this->house->arrangement === Arrangement::Cords;

        return $reaches ? $this->house->behindFeeders(array_map(
            strval(...), array_keys(array_filter($state->on, fn (bool $on): bool => $on !== $byPlaces)),
        )) : [];
    }

    /** Volts of a leg to neutral at the panel. */
    public function volts(State $state): float
    {
        $worst = $this->house->legs($this->fed($state))->worstAmps();

        return $state->isRunning() ? 121.0 - 4.0 * $worst / max(1.0, $this->house->supply->runLimitAmps()) : 0.0;
    }

    /** What the card says next. */
    public function next(State $state): string
    {
        return (new NextStep($this))->of($state);
    }

    /** What goes by while the person walks, waits or thinks. */
    private function passed(State $state, Handle $handle): State
    {
        $state = $state->with(s: $state->s + $handle->afterS + ($handle->kind === HandleKind::Wait ? 60 * max(1, min(15,
            (int) $handle->of)) : 0));
        if ($state->isRunning() && $state->choke && ! $state->chokeSaid && $state->ranS() > self::CHOKE_S) {
            return $state->with(chokeSaid: true)->saying('The choke is still out: it runs rough, fouls its plug and would die under the '
                .'first load.', true);
        }

        return $state;
    }

    private function done(State $state, Handle $handle): State
    {
        $next = match ($handle->kind) {
            HandleKind::Main => $this->main($state),
            HandleKind::Plate => $this->plate($state),
            HandleKind::Generator => $this->generator($state),
            HandleKind::Lever => $this->lever($state, $handle->of),
            HandleKind::Circuit => $this->circuit($state, $handle->of),
            HandleKind::CordAtInlet => $this->cordAtInlet($state),
            HandleKind::CordAtMachine => $this->cordAtMachine($state),
            HandleKind::Spot => $this->spot($state, $handle->of),
            HandleKind::Valve => $this->valve($state),
            HandleKind::Choke => $state->with(choke: ! $state->choke)->saying($state->choke ? 'Choke in.' : 'Choke out.'),
            HandleKind::Idle => $state->with(idle: ! $state->idle)->saying($state->idle ? 'Idle mode off.' : 'Idle mode on.'),
            HandleKind::Engine => $state->isRunning() ? $this->stop($state) : $this->start($state),
            HandleKind::Refuel => $this->refuel($state),
            HandleKind::UtilityBack => $this->utilityBack($state),
            HandleKind::Wait, HandleKind::TakeBack => $state,
        };

        return $this->reached($next);
    }

    /** Whether what must run runs, and whether all is as it was. */
    private function reached(State $state): State
    {
        $fed = $this->fed($state);
        if (! $state->ran && array_diff($this->house->order(), $fed) === []) {
            $state = $state->with(ran: true)->saying('Everything that must run, runs.');
        }
        $isBack = $state->backS !== null && ! $state->isRunning() && array_diff($this->house->order(), $this->onUtility($state)) === []
            && ! $state->generator && ! $state->plateFreesGenerator && ! $state->valve && ! $state->cordAtMachine
            && $state->cordAtInlet === $this->house->cordStays();

        return $isBack && $state->ran && ! $state->isOver
            ? $state->with(isOver: true)->saying('Everything is on the utility again, and the machine at rest.') : $state;
    }

    private function main(State $state): State
    {
        if (! $this->house->hasPlate()) {
            return $state;
        }
        if (! $state->main && ($state->generator || $state->plateFreesGenerator)) {
            return $state->saying($state->generator
                ? 'The plate stops it. Without the plate the generator would feed the street: the transformer makes '
                    .''.number_format(self::KIN_V)
                    .' V of it, on a line that a line worker takes for dead.'
                : 'The plate covers it: slide the plate back first.', $state->generator);
        }

        return $state->with(main: ! $state->main)->saying($state->main ? 'Main off: the house is cut off from the street.' : 'Main on.');
    }

    private function plate(State $state): State
    {
        return match (true) {
            ! $this->house->hasPlate() => $state,
            ! $state->plateFreesGenerator && $state->main => $state->saying('The plate does not move: the main is on.'),
            $state->plateFreesGenerator && $state->generator => $state->saying('The plate does not move: the generator breaker is on.'),
            default => $state->with(plateFreesGenerator: ! $state->plateFreesGenerator)->saying(
                $state->plateFreesGenerator ? 'Plate back: it frees the main.' : 'Plate moved: it covers the main and frees the '
                    .'generator breaker.',
            ),
        };
    }

    private function generator(State $state): State
    {
        if (! $this->house->hasPlate()) {
            return $state;
        }
        if (! $state->generator && ! $state->plateFreesGenerator) {
            return $state->saying($state->main ? 'The plate stops it: main and generator breaker cannot both be on.'
                : 'The plate covers it: slide it over first.', $state->main);
        }

        return $this->taken($state, $state->with(generator: ! $state->generator), $state->generator ? 'Generator breaker off.'
            : 'Generator breaker on.');
    }

    private function lever(State $state, string $position): State
    {
        $takes = [Arrangement::Lever, Arrangement::Automatic];
        if (! in_array($this->house->arrangement, $takes, true) || ! in_array($position, ['utility', 'off', 'generator'], true)) {
            return $state;
        }

        return $this->taken($state, $state->with(lever: $position), "Switch to $position.");
    }

    private function circuit(State $state, string $id): State
    {
        $circuit = $this->house->circuit($id);
        if ($circuit === null) {
            return $state;
        }
        $on = ! ($state->on[$id] ?? false);
        $words = match ($this->house->arrangement) {
            Arrangement::Places => "{$circuit->title()} to ".($on ? 'the generator.' : 'the utility.'),
            Arrangement::Cords => "{$circuit->name} ".($on ? 'on its cord.' : 'off its cord.'),
            Arrangement::Plate, Arrangement::Lever, Arrangement::Automatic => "{$circuit->title()} ".($on ? 'on.' : 'off.'),
        };

        return $this->taken($state, $state->with(on: [...$state->on, $id => $on]), $words);
    }

    private function cordAtInlet(State $state): State
    {
        if (! $this->house->hasCord() || $this->house->cordStays()) {
            return $state;
        }
        $next = $state->with(cordAtInlet: ! $state->cordAtInlet);
        if ($state->cordAtInlet && $this->isLoaded($state)) {
            return $state->saying('Under load the pins would burn, and the plug in the hand: everything off first.', true);
        }

        return $this->taken($state, $next, $state->cordAtInlet ? "Cord out at {$this->house->inletWords()}."
            : "Cord in at {$this->house->inletWords()}, turned until it catches.");
    }

    private function cordAtMachine(State $state): State
    {
        if (! $this->house->hasCord()) {
            return $state;
        }
        if ($state->cordAtMachine && $this->isLoaded($state)) {
            return $state->saying('Under load the pins would burn, and the plug in the hand: everything off first.', true);
        }

        return $this->taken(
            $state, $state->with(cordAtMachine: ! $state->cordAtMachine), $state->cordAtMachine ? 'Cord out at the machine.'
                : 'Cord in at the machine.',
        );
    }

    private function spot(State $state, string $where): State
    {
        return ! $this->house->isPortable() || ! in_array($where, ['outdoors', 'garage', 'window'], true) ? $state
            : $state->with(spot: $where)->saying(match ($where) {
                'outdoors' => 'The machine stands outdoors at its place, exhaust away from the house.',
                'window' => 'The machine stands outdoors, under a window.',
                default => 'The machine stands in the garage, door open.',
            });
    }

    private function valve(State $state): State
    {
        if (! $this->house->hasValve()) {
            return $state;
        }
        $next = $state->with(valve: ! $state->valve)->saying($state->valve ? 'Fuel valve closed.' : 'Fuel valve open.');

        return $state->valve && $state->isRunning() ? $this->stalled($next, 'Without fuel it dies within a minute, under load the hard '
            .'way.', $this->isLoaded($state))
            : $next;
    }

    private function start(State $state): State
    {
        $house = $this->house;
        if ($house->isPortable() && $house->hasEngine() && $state->spot !== 'outdoors') {
            return $state->saying(match ($state->spot) {
                'garage' => 'In the garage', 'window' => 'Under the window', default => 'Where it is kept',
            }.', its exhaust would fill the house with carbon monoxide within minutes. Nobody smells it; who sleeps does not wake. Not '
                .'started.', true);
        }
        if ($house->hasValve() && ! $state->valve) {
            return $state->saying('It cranks and does not fire: the fuel valve is closed.');
        }
        if ($house->hasValve() && ! $state->choke && $state->stoppedS === null) {
            return $state->saying('It cranks and does not fire: cold, it wants the choke out.');
        }

        return $this->taken($state, $state->with(startedS: $state->s, chokeSaid: false), $house->hasEngine() ? 'It runs.'
            : 'Its outlets are on.');
    }

    private function stop(State $state): State
    {
        $isLoaded = $this->isLoaded($state);
        $next = $state->with(startedS: null, stoppedS: $state->s);

        return $isLoaded ? $next->saying('Stopped under load: motors brown out and the windings keep their heat. Loads off first, then '
            .'minutes without.', true)
            : $next->saying($this->house->hasEngine() ? 'Stopped.' : 'Its outlets are off.');
    }

    private function refuel(State $state): State
    {
        if (! $this->house->hasValve()) {
            return $state;
        }
        $isHot = $state->stoppedS !== null && $state->s - $state->stoppedS < self::COOL_S;

        return match (true) {
            $state->isRunning() => $state->saying('Fuel over a running engine: the vapor finds the muffler before the can is down. Off '
                .'and cooled first.', true),
            $isHot => $state->saying('The muffler is hot enough to light it: 15 to 20 minutes of cooling first.', true),
            default => $state->saying('Refueled, cap on, spilled fuel wiped and away.'),
        };
    }

    private function utilityBack(State $state): State
    {
        return ! $state->ran || $state->utility ? $state : $state->with(s: $state->s + self::STEADY_S, utility: true, backS: $state->s)
            ->saying('Hours later: the meter shows a reading again, and the neighbors without generators are lit. Ten minutes steady by '
                .'now.');
    }

    /** What the machine makes of a change: nothing, or it starts what is new, or it gives up. */
    private function taken(State $from, State $to, string $words): State
    {
        $before = $this->fed($from);
        $fed = $this->fed($to);
        $new = array_values(array_diff($fed, $before));
        if ($new === []) {
            return $to->saying($words);
        }
        [$a, $b] = $this->house->moment(array_values(array_intersect($fed, $before)), $new);
        $moment = max($a, $b);
        $many = count($new) > 1 ? Say::count(count($new), 'circuit').' at once' : ($this->house->circuit($new[0])?->title() ?? '');
        $supply = $this->house->supply;
        $isMotor = array_filter($new, fn (string $id): bool => ($c = $this->house->circuit($id)) !== null && Limit::over($c->startAmps(),
            $c->runAmps())) !== [];
        $runs = $this->house->legs($fed)->worstAmps();

        return match (true) {
            $moment <= 0.0 => $to->saying($words),
            $this->house->hasEngine() && $to->ranS() < self::WARM_S => $this->stalled(
                $to->saying($words), "$many: ".Say::amps($moment).' hit an engine that has run '.Say::seconds($to->ranS()).'. Cold, it '
                    .'stalls; under a load that comes '
                    .'and goes it burns electronics. Warm it 3 to 5 minutes with nothing on.', true,
            ),
            $to->choke => $this->stalled($to->saying($words), "$many with the choke out: it dies under the load.", true),
            $to->idle && $isMotor => $this->stalled(
                $to->saying($words), "$many in idle mode: it turns too slowly to start a motor, the volts collapse. Idle mode off until "
                    .'all motors run.', true,
            ),
            Limit::over($moment, $supply->surgeLimitAmps()) => $this->stalled(
                $to->saying($words), "$many: ".Say::amps($moment).' for a moment, and the machine gives '
                    .''.Say::amps($supply->surgeLimitAmps())
                    .'. It stalls. One at a time, in the order of the card.', true,
            ),
            Limit::over($runs, $supply->runLimitAmps()) => $this->stalled(
                $to->saying($words), "$many: ".Say::amps($runs).' on one leg, and it carries '.Say::amps($supply->runLimitAmps()).' for '
                    .'hours. Its breaker opens.', true,
            ),
            default => $to->with(dipPct: $this->dip($moment))->saying($words.' '.Say::amps($moment).' for a moment, then '
                .''.Say::amps($runs).'.'),
        };
    }

    private function stalled(State $state, string $why, bool $isMistake): State
    {
        return $state->with(startedS: null, stoppedS: $state->s, dipPct: 100.0)->saying($why, $isMistake);
    }

    /** Per cent of the volts that such a moment takes. */
    private function dip(float $amps): float
    {
        $share = Alternators::REACTANCE_PU * $amps / max(1.0, $this->house->supply->runLimitAmps());

        return 100 * $share / (1 + $share);
    }
}

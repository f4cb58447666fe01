<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** What is done at the machine: where it stands, its valve, starting, stopping, refueling. */
final readonly class MachineHandles
{
    /** Seconds that a hot engine cools before fuel comes near it: 15 to 20 minutes. */
    private const COOL_S = 900;

    public function __construct(private House $house, private Feeds $feeds, private Reaction $reaction)
    {
    }

    public function spot(State $state, string $where): State
    {
        return ! $this->house->isPortable() || ! in_array($where, ['outdoors', 'garage', 'window'], true) ? $state
            : $state->with(spot: $where)->saying(match ($where) {
                'outdoors' => 'The machine stands outdoors at its place, exhaust away from the house.',
                'window' => 'The machine stands outdoors, under a window.',
                default => 'The machine stands in the garage, door open.',
            });
    }

    public function valve(State $state): State
    {
        if (! $this->house->hasValve()) {
            return $state;
        }
        $next = $state->with(valve: ! $state->valve)->saying($state->valve ? 'Fuel valve closed.' : 'Fuel valve open.');

        return $state->valve && $state->isRunning() ? $this->reaction->stalled(
            $next, 'Without fuel it dies within a minute, under load the hard way.', $this->feeds->isLoaded($state),
        ) : $next;
    }

    public function start(State $state): State
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

        return $this->reaction->taken($state, $state->with(startedS: $state->s, chokeSaid: false), $house->hasEngine() ? 'It runs.'
            : 'Its outlets are on.');
    }

    public function stop(State $state): State
    {
        $isLoaded = $this->feeds->isLoaded($state);
        $next = $state->with(startedS: null, stoppedS: $state->s);

        return $isLoaded ? $next->saying('Stopped under load: motors brown out and the windings keep their heat. Loads off first, then '
            .'minutes without.', true)
            : $next->saying($this->house->hasEngine() ? 'Stopped.' : 'Its outlets are off.');
    }

    public function refuel(State $state): State
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
}

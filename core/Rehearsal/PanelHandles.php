<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** What is thrown at the panel, and plugged in at either end of the cord. A plate lets through one of its two breakers alone. */
final readonly class PanelHandles
{
    /** Volts that a pole transformer makes of 240 V when it is fed from the house: a usual distribution line. Good practice. */
    private const BACKFED_V = 7_200;

    public function __construct(private House $house, private Feeds $feeds, private Reaction $reaction)
    {
    }

    public function main(State $state): State
    {
        if (! $this->house->hasPlate()) {
            return $state;
        }
        if (! $state->main && ($state->generator || $state->plateFreesGenerator)) {
            return $state->saying($state->generator
                ? 'The plate stops it. Without the plate the generator would feed the street: the transformer makes '
                    .''.number_format(self::BACKFED_V)
                    .' V of it, on a line that a line worker takes for dead.'
                : 'The plate covers it: slide the plate back first.', $state->generator);
        }

        return $state->with(main: ! $state->main)->saying($state->main ? 'Main off: the house is cut off from the street.' : 'Main on.');
    }

    public function plate(State $state): State
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

    public function generator(State $state): State
    {
        if (! $this->house->hasPlate()) {
            return $state;
        }
        if (! $state->generator && ! $state->plateFreesGenerator) {
            return $state->saying($state->main ? 'The plate stops it: main and generator breaker cannot both be on.'
                : 'The plate covers it: slide it over first.', $state->main);
        }

        return $this->reaction->taken($state, $state->with(generator: ! $state->generator), $state->generator ? 'Generator breaker off.'
            : 'Generator breaker on.');
    }

    public function lever(State $state, string $position): State
    {
        $takes = [Arrangement::Lever, Arrangement::Automatic];
        if (! in_array($this->house->arrangement, $takes, true) || ! in_array($position, ['utility', 'off', 'generator'], true)) {
            return $state;
        }

        return $this->reaction->taken($state, $state->with(lever: $position), "Switch to $position.");
    }

    public function circuit(State $state, string $id): State
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

        return $this->reaction->taken($state, $state->with(on: [...$state->on, $id => $on]), $words);
    }

    public function cordAtInlet(State $state): State
    {
        if (! $this->house->hasCord() || $this->house->cordStays()) {
            return $state;
        }
        $next = $state->with(cordAtInlet: ! $state->cordAtInlet);
        if ($state->cordAtInlet && $this->feeds->isLoaded($state)) {
            return $state->saying('Under load the pins would burn, and the plug in the hand: everything off first.', true);
        }

        return $this->reaction->taken($state, $next, $state->cordAtInlet ? "Cord out at {$this->house->inletWords()}."
            : "Cord in at {$this->house->inletWords()}, turned until it catches.");
    }

    public function cordAtMachine(State $state): State
    {
        if (! $this->house->hasCord()) {
            return $state;
        }
        if ($state->cordAtMachine && $this->feeds->isLoaded($state)) {
            return $state->saying('Under load the pins would burn, and the plug in the hand: everything off first.', true);
        }

        return $this->reaction->taken(
            $state, $state->with(cordAtMachine: ! $state->cordAtMachine), $state->cordAtMachine ? 'Cord out at the machine.'
                : 'Cord in at the machine.',
        );
    }
}

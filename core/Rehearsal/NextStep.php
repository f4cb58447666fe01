<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Say;

/** What the card would have the person do next: a hint, not the only way. */
final readonly class NextStep
{
    public function __construct(private Rehearsal $rehearsal)
    {
    }

    public function of(State $state): string
    {
        return match (true) {
            $state->isOver => 'Done. Write down the minutes and the mistakes.',
            $state->backS !== null => $this->back($state),
            $state->ran => 'It runs. Go on to the hour when the utility is back.',
            default => $this->toGenerator($state),
        };
    }

    private function toGenerator(State $state): string
    {
        $house = $this->rehearsal->house;
        $loaded = array_filter($state->on) !== [];

        return match (true) {
            $house->hasPlate() && $state->main => 'Turn the main off, and every other breaker.',
            $house->arrangement === Arrangement::Lever && $state->lever === 'utility' => 'Switch to off.',
            $house->arrangement === Arrangement::Automatic && ! $state->isRunning() => 'Start it at its panel: controller on, stop '
                .'button out, gas open.',
            ! $state->isRunning() && $loaded && $house->arrangement !== Arrangement::Automatic => 'Every circuit off: all of it would '
                .'come on at once.',
            $house->hasPlate() && ! $state->plateFreesGenerator => 'Slide the plate: it covers the main and frees the generator breaker.',
            $house->cordFirst() && $house->hasCord() && ! $state->isRunning() && ! ($state->cordAtInlet
                && $state->cordAtMachine) => $this->cord(),
            ! $state->isRunning() => $this->start($state),
            $state->choke => 'Choke in: it fires.',
            $house->hasValve() && $state->idle => 'Idle mode off until all motors run.',
            $house->hasEngine() && $state->ranS() < Reaction::WARM_S => 'Let it run '
                .''.Say::seconds(Reaction::WARM_S - $state->ranS()).' more with nothing on.',
            $house->hasCord() && ! ($state->cordAtInlet && $state->cordAtMachine) => $this->cord(),
            $house->hasPlate() && ! $state->generator => 'Turn on the generator breaker. Only this one.',
            in_array($house->arrangement, [Arrangement::Lever, Arrangement::Automatic], true)
                && $state->lever !== 'generator' => 'Switch to generator.',
            default => $this->load($state),
        };
    }

    private function cord(): string
    {
        $house = $this->rehearsal->house;

        return $house->cordStays() ? 'Plug the cord that stays at the house into the machine.'
            : "Connect the cord: first at {$house->inletWords()}, then at the machine.";
    }

    private function start(State $state): string
    {
        $house = $this->rehearsal->house;

        return match (true) {
            $house->isPortable() && $house->hasEngine() && $state->spot !== 'outdoors' => 'Set the machine outdoors at its place, '
                .'exhaust away.',
            $house->hasValve() && ! $state->valve => 'Fuel valve open.',
            $house->hasValve() && ! $state->choke && $state->stoppedS === null => 'Choke out.',
            default => $house->hasEngine() ? 'Start the engine.' : 'Turn its outlets on.',
        };
    }

    private function load(State $state): string
    {
        $fed = $this->rehearsal->fed($state);
        foreach ($this->rehearsal->house->order() as $id) {
            if (! in_array($id, $fed, true)) {
                return "{$this->rehearsal->house->circuit($id)?->title()} on, and wait as long as the card says.";
            }
        }

        return 'Everything that must run, runs.';
    }

    private function back(State $state): string
    {
        $house = $this->rehearsal->house;
        $fed = $this->rehearsal->fed($state);

        return match (true) {
            $fed !== [] => 'Every circuit off the generator, from the bottom of the list up.',
            $state->generator => 'Generator breaker off.',
            $state->plateFreesGenerator => 'Plate back: it frees the main.',
            $house->hasPlate() && ! $state->main => 'Main on, then the breakers one at a time.',
            in_array($house->arrangement, [Arrangement::Lever, Arrangement::Automatic], true)
                && $state->lever !== 'utility' => 'Switch to utility.',
            array_diff($house->order(), $this->rehearsal->onUtility($state)) !== [] => 'The circuits on again, one at a time.',
            $state->isRunning() => 'Let the engine run some minutes without load, then stop it.',
            $state->cordAtMachine => 'Cord out, its end at the machine first.',
            $state->cordAtInlet && ! $house->cordStays() => "Cord out at {$house->inletWords()}, and in its place.",
            $state->valve => 'Fuel valve closed.',
            default => 'Done.',
        };
    }
}

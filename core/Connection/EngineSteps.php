<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\ConductorKind;
use Underpin\Job\Fuel;
use Underpin\Job\MachineKind;
use Underpin\Job\StartRoutine;

/** What the owner does at the machine: the same for every way that is wired in. */
final readonly class EngineSteps
{
    private bool $standby;

    public function __construct(private Situation $situation, private ?Assembly $assembly)
    {
        $this->standby = $situation->supply?->machine->form === MachineKind::Standby;
    }

    public function isStandby(): bool
    {
        return $this->standby;
    }

    /** There are fixed conductors that bring the generator's power in. */
    public function reachesTheHouse(): bool
    {
        return $this->assembly === null || $this->assembly->conductor(ConductorKind::Run) !== null;
    }

    /** @return list<string> what is looked at before there is an outage */
    public function before(): array
    {
        return [
            'Press the test button of every carbon monoxide alarm.',
            $this->standby
                ? 'Its controller shows no fault and stands where its label says; its own breaker is closed, its fuel open.'
                : 'Oil at its mark, fuel fresh and enough'.($this->hasCord() ? ', the cord in its place' : '').'.',
            $this->standby ? 'Twice a year it carries the house for half an hour.' : 'Run it four times a year, twice of them with loads.',
        ];
    }

    /** @return list<OwnerStep> */
    public function start(string $inlet): array
    {
        if ($this->standby) {
            return [
                new OwnerStep(
                    'Start the engine at its panel. Let it run 3 to 5 minutes with no load.',
                    'It does not switch the house over by itself: these steps do.',
                ),
                new OwnerStep(
                    'If it does not start: is its stop button pulled out, its controller where its label says, its own breaker closed, its '
                        .'fuel open? Then call the electrician.',
                ),
            ];
        }
        $cord = fn (string $state): OwnerStep => new OwnerStep(
            "Connect the cord: first at $inlet, then at the machine$state. Turn a locking plug until it catches.",
        );
        $cords = $this->hasCord();

        return match (true) {
            ! $cords => [...$this->run(), $this->look()],
            $this->situation->job->connection->routine === StartRoutine::WarmFirst => [
                ...$this->run(), $cord(', engine still running'), $this->look(),
            ],
            default => [$cord(''), ...$this->run(), $this->look()],
        };
    }

    /** @return list<OwnerStep> until the engine is warm, nothing on it */
    public function run(): array
    {
        $isPair = $this->isPair();

        return [
            new OwnerStep(
                ($isPair ? 'Set both machines' : 'Set the machine').' outdoors, level, in place. Fuel valve open, choke on where there is '
                    .'one, economy (idle) mode off.',
            ),
            ...$isPair ? [new OwnerStep('Connect the tie cord between the two machines while both stand still.')] : [],
            new OwnerStep(
                $isPair
                    ? 'Start both engines; choke off once they fire. Let them run 3 to 5 minutes with no load.'
                    : 'Start the engine; choke off once it fires. Let it run 3 to 5 minutes with no load.',
                'No load before the engine is warm.',
            ),
        ];
    }

    /** The machine's own reading, before anything goes on. */
    public function look(): OwnerStep
    {
        return new OwnerStep(
            'Look at its meter, where it has one: 114 to 126 V at a 120 V outlet, about 60 Hz. Anything else: nothing goes on.',
        );
    }

    /**
     * While it runs.
     *
     * @param  string  $unload  how everything is taken off it, as a sentence
     * @return list<OwnerStep>
     */
    public function running(string $unload): array
    {
        if ($this->standby) {
            return [new OwnerStep("Look at its oil as often as its manual says, once a day at least: $unload Stop the engine first.")];
        }
        $fuel = $this->situation->supply?->fuel;
        $fill = match ($fuel) {
            Fuel::NaturalGas => '',
            Fuel::Propane => 'To change the bottle',
            default => 'To refuel',
        };

        return [
            new OwnerStep('Look at the oil every 8 to 12 hours of running, engine stopped.'),
            ...$fill === '' ? [] : [new OwnerStep(
                "$fill: $unload Stop the engine and let it cool 15 to 20 minutes. Then begin again from the top.",
            )],
            new OwnerStep('Economy (idle) mode only while no motor has to start.'),
            ...$this->isPair() ? [new OwnerStep('If one of the two stops, turn off half of what is on at once.')] : [],
        ];
    }

    /** @return list<OwnerStep> once nothing is on the generator any more */
    public function stop(): array
    {
        if ($this->standby) {
            return [
                new OwnerStep(
                    'Let the engine run 3 to 5 minutes without load, then stop it at its controller, as its label says.',
                    'It cools evenly.',
                ),
                new OwnerStep(
                    'Leave its fuel open and its own breaker closed. Its controller stays as its label says: in automatic '
                        .'where it has an automatic switch. '
                    .'Write the run hours in the log.',
                    'So that it can start the next time.',
                ),
            ];
        }
        $cord = $this->hasCord() ? 'Unplug the cord, its end at the machine first, and put it back in its place. ' : '';

        return [
            new OwnerStep('Let the engine run 3 to 5 minutes without load, then stop it. Close the fuel valve.', 'It cools evenly.'),
            new OwnerStep($cord.'Refuel when cold. Write the run hours in the log.'),
        ];
    }

    private function isPair(): bool
    {
        return $this->situation->supply?->machine->form === MachineKind::Parallel;
    }

    private function hasCord(): bool
    {
        return $this->assembly === null || $this->assembly->conductor(ConductorKind::Cord) !== null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\ConductorKind;
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

    /** @return list<OwnerStep> */
    public function start(string $inlet): array
    {
        if ($this->standby) {
            return [
                new OwnerStep('Start the engine at its panel. Let it run 3 minutes with no load.', 'No load before the engine is warm.'),
            ];
        }
        $start = new OwnerStep(
            'Set the machine in its place and start the engine. Let it run 3 minutes with no load.', 'No load before the engine is warm.',
        );
        if (! $this->hasCord()) {
            return [$start];
        }
        $cord = fn (string $state): OwnerStep => new OwnerStep(
            "Connect the cord: first at $inlet, then at the machine$state. Turn a locking plug until it catches.",
        );

        return $this->situation->job->connection->routine === StartRoutine::WarmFirst
            ? [$start, $cord(', engine still running')]
            : [$cord(''), $start];
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
        $cord = $this->hasCord() ? 'Unplug the cord and put it back in its place. ' : '';

        return [
            new OwnerStep('Let the engine run 3 to 5 minutes without load, then stop it. Close the fuel valve.', 'It cools evenly.'),
            new OwnerStep($cord.'Refuel when cold. Write the run hours in the log.'),
        ];
    }

    private function hasCord(): bool
    {
        return $this->assembly === null || $this->assembly->conductor(ConductorKind::Cord) !== null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection\Source;

use Underpin\Connection\OwnerStep;
use Underpin\Job\Fuel;
use Underpin\Job\StartRoutine;
use Underpin\Placement\Distance;
use Underpin\Placement\PlannedPlace;

/** An engine that is brought out, or two of them in parallel. */
final readonly class PortableSteps extends SourceSteps
{
    public function caution(): string
    {
        return sprintf(
            'Exhaust kills. The engine runs outdoors, at least %s ft from every door and window, exhaust pointing away. '
                .'Never in a garage, even with the door open.',
            number_format($this->situation->job->authority->rules->portableFt),
        );
    }

    public function before(): array
    {
        return [
            'Press the test button of every carbon monoxide alarm.',
            'Oil at its mark, fuel fresh and enough'.($this->hasCord() ? ', the cord in its place' : '').'.',
            'Run it four times a year, twice of them with loads.',
        ];
    }

    public function start(): array
    {
        return match (true) {
            ! $this->hasCord() => [...$this->run(), $this->look()],
            $this->situation->job->connection->routine === StartRoutine::WarmFirst => [
                ...$this->run(), $this->cordIn('the machine', ', engine still running'), $this->look(),
            ],
            default => [$this->cordIn('the machine'), ...$this->run(), $this->look()],
        };
    }

    public function run(): array
    {
        $isPair = $this->isPair();

        return [
            new OwnerStep(
                (
                    $isPair ? 'Set both machines' : 'Set the machine'
                )." outdoors, level, {$this->spot()}. Fuel valve open, choke on where there "
                    .'is one, economy (idle) mode off.',
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

    /** As the site plan has it, where nothing there is too near. */
    private function spot(): string
    {
        $place = PlannedPlace::of($this->situation->job);
        $wall = $place?->placement->nearest(Distance::Wall);
        if ($place === null || $wall === null || $place->placement->broken() !== []) {
            return 'in place';
        }
        $building = $this->situation->job->plan->building($wall->id)->name ?? 'the house';

        return 'at its place, '.floor($wall->ft())." ft from $building, exhaust away from it";
    }

    public function look(): OwnerStep
    {
        return new OwnerStep(
            'Look at its meter, where it has one: 114 to 126 V at a 120 V outlet, about 60 Hz. Anything else: nothing goes on.',
        );
    }

    public function running(string $unload): array
    {
        $fill = match ($this->situation->supply?->fuel) {
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

    public function stop(): array
    {
        return [
            new OwnerStep('Let the engine run 3 to 5 minutes without load, then stop it. Close the fuel valve.', 'It cools evenly.'),
            new OwnerStep($this->cordOut('the machine').'Refuel when cold. Write the run hours in the log.'),
        ];
    }
}

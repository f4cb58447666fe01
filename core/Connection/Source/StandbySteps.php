<?php

declare(strict_types=1);

namespace Underpin\Connection\Source;

use Underpin\Connection\OwnerStep;

/** A standby that does not switch the house over by itself: these steps do. */
final readonly class StandbySteps extends SourceSteps
{
    public function caution(): string
    {
        return 'Exhaust kills. Keep windows above and beside the engine shut while it runs.';
    }

    public function before(): array
    {
        return [
            'Press the test button of every carbon monoxide alarm.',
            'Its controller shows no fault and stands where its label says; its own breaker is closed, its fuel open.',
            'Twice a year it carries the house for half an hour.',
        ];
    }

    public function start(): array
    {
        return $this->run();
    }

    public function run(): array
    {
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

    public function look(): OwnerStep
    {
        return new OwnerStep('Look at its panel: 228 to 252 V, about 60 Hz, no fault. Anything else: nothing goes on.');
    }

    public function running(string $unload): array
    {
        return [new OwnerStep(
            "Look at its oil as often as its manual says, once a day at least: $unload Stop the engine at its controller, as its label "
                .'says, and wait until it stands still. Afterwards the controller goes back to where it was.',
            'Hot oil under pressure scalds, and a running engine shows no true level.',
        )];
    }

    public function stop(): array
    {
        return [
            new OwnerStep(
                'Let the engine run 3 to 5 minutes without load, then stop it at its controller, as its label says.',
                'It cools evenly.',
            ),
            new OwnerStep(
                'Leave its fuel open and its own breaker closed. Its controller stays as its label says: in automatic '
                    .'where it has an automatic switch. Write the run hours in the log.',
                'So that it can start the next time.',
            ),
        ];
    }

    public function offAtPanel(): string
    {
        return 'Turn off the generator breaker in the panel; the machine\'s own breaker stays closed.';
    }
}

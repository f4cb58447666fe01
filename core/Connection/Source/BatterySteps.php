<?php

declare(strict_types=1);

namespace Underpin\Connection\Source;

use Underpin\Connection\OwnerStep;

/** A battery station, or two that are joined for 240 V: nothing burns, and it ends. */
final readonly class BatterySteps extends SourceSteps
{
    public function caution(): string
    {
        return 'A battery station gives off no exhaust, but an engine that charges it does: outdoors, 20 ft and more from every door and '
            .'window. The station stands dry, with air around it, not in the sun.';
    }

    public function before(): array
    {
        return [
            'Press the test button of every carbon monoxide alarm.',
            'Charged to full'.($this->hasCord() ? ', the cord in its place' : '').'.',
            'Twice a year it carries its loads for an hour; charge it again the same day.',
        ];
    }

    public function start(): array
    {
        $cord = $this->hasCord() ? [$this->cordIn('the station')] : [];

        return [...$this->place(), ...$cord, $this->turnOn(), $this->look()];
    }

    public function run(): array
    {
        return [...$this->place(), $this->turnOn()];
    }

    public function look(): OwnerStep
    {
        return new OwnerStep(
            'Look at its display: 114 to 126 V at a 120 V outlet, and how much it holds. Anything else: nothing goes on.',
        );
    }

    public function running(string $unload): array
    {
        return [
            new OwnerStep('Look at its charge every hour. At a quarter, turn off everything that can wait.'),
            new OwnerStep("To charge it away from the house: $unload Turn its output off. Then begin again from the top."),
            ...$this->isPair()
                ? [new OwnerStep('If one of the two stops, nothing of 240 V runs: turn off half of what is on at once.')] : [],
        ];
    }

    public function stop(): array
    {
        return [
            new OwnerStep('Turn its output off.'),
            new OwnerStep(
                $this->cordOut('the station').'Charge it to full now. Write the hours in the log.', 'The next outage may come tonight.',
            ),
        ];
    }

    /** @return list<OwnerStep> */
    private function place(): array
    {
        return [
            new OwnerStep(
                ($this->isPair() ? 'Set both stations' : 'Set the station').' in place, dry, with air around. Output off.',
            ),
            ...$this->isPair() ? [new OwnerStep('Join the two stations with their link cable while both are off.')] : [],
        ];
    }

    private function turnOn(): OwnerStep
    {
        return new OwnerStep($this->isPair() ? 'Turn both on, then their output.' : 'Turn it on, then its output.');
    }
}

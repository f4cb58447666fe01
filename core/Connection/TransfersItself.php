<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Codebook\Source;
use Underpin\Codebook\TransferSettings;
use Underpin\Say;

/** A way that watches the utility, starts the machine and transfers with nobody there. NEC 2023 702.4, 702.5(A). */
trait TransfersItself
{
    use ReachesPanels;

    public function switchesNeutral(Situation $situation): ?bool
    {
        return $situation->job->connection->switchesNeutral;
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [WayChoice::Neutral, WayChoice::UtilityFault, WayChoice::Withstand, WayChoice::Interrupt];
    }

    public function transfersByItself(): bool
    {
        return true;
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::Automatic;
    }

    public function failsBy(): string
    {
        return 'a battery that is flat, fuel that is shut, a load that was never shed; nobody notices until the storm';
    }

    public function atNight(): string
    {
        return 'Nothing: it starts and transfers by itself. Somebody looks at it once a day.';
    }

    public function unload(): string
    {
        return 'turn off the large circuit breakers.';
    }

    public function caution(): string
    {
        return 'It starts by itself at any moment: nobody reaches into the machine. Never two sources at once; never force the transfer '
            .'switch.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep(
                "Wait {$this->takesOverAfter($situation)}: it starts and takes over by itself.", 'A short flicker does not start it.',
            ),
            new OwnerStep('If nothing happens in two minutes, look at the controller: it must stand in AUTO and show no fault. Is its '
                .'stop button '
                .'pulled out, its own breaker closed, its fuel open?'),
            new OwnerStep('If it runs and the house stays dark: is the breaker at the machine closed? Then call the electrician. Nobody '
                .'opens the '
                .'transfer switch.'),
            new OwnerStep('To transfer by hand, only as the label of the switch says, with every breaker behind it off first.'),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        $set = $situation->job->connection->settings;
        [$return, $cool] = [$set[TransferSettings::RETURN] ?? null, $set[TransferSettings::COOL_DOWN] ?? null];

        return [
            new OwnerStep(sprintf(
                'It goes back by itself once the utility has been steady%s, and runs %s more to cool.',
                $return === null ? '' : ' for '.Say::figure($return).' min', $cool === null ? 'some minutes' : Say::figure($cool).' min',
            )),
            new OwnerStep(
                'Leave its fuel open and its own breaker closed; its controller stays in AUTO. Write the run hours in the log.',
                'So that it can start the next time.',
            ),
        ];
    }

    /** As it is set: the delay of the start and the warm-up. */
    private function takesOverAfter(Situation $situation): string
    {
        $set = $situation->job->connection->settings;
        $delay = $set[TransferSettings::START] ?? null;
        $warmUp = $set[TransferSettings::WARM_UP] ?? null;

        return $delay === null || $warmUp === null ? 'half a minute' : 'about '.Say::figure($delay + $warmUp).' s';
    }

    /** @return list<Reason> whether the machine that is picked starts by itself */
    protected function machine(Situation $situation): array
    {
        $machine = $situation->supply?->machine;
        $source = Source::practice('standby machines');

        return match (true) {
            $machine === null => [Reason::open('Pick a machine that starts by itself.', $source, 'pick a standby')],
            ! $machine->form->isStandby() => [Reason::stops(
                "$machine->name does not start by itself: an automatic switch needs a standby.", $source, 'needs a standby',
            )],
            default => [Reason::note("$machine->name starts by itself when its switch calls.", $source)],
        };
    }
}

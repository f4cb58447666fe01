<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Circuit;
use Underpin\Limit;
use Underpin\Say;

/** How a machine stands against what must run, in words: for a row among others, in one sentence, and sentence by sentence. */
final readonly class FitWords
{
    public function __construct(private Fit $fit)
    {
    }

    /** How it stands, for a row among others: with the margin that it was judged by. */
    public function standing(): string
    {
        $fit = $this->fit;
        $margin = Say::pct($fit->marginPct);

        return match (true) {
            $fit->plan->must === [] => 'Not judged: nothing is marked to run',
            $fit->cannotFeed !== [] => 'No 240 V for '.Say::list($this->titles($fit->cannotFeed), 2),
            $fit->overRun() => 'Over by '.Say::amps(-$fit->spareAmps()).' while running',
            $fit->overSurge() => sprintf('Over by %s at a start',
                Say::amps($fit->starting->peakAmps() - $fit->supply->surgeLimitAmps())),
            $fit->surgeIsUnknown() => 'Not judged: what it gives for a moment is not known',
            $fit->verdict === Verdict::Unknown => 'Not judged: '.$fit->plan->missingWords(),
            $fit->restartIsOver() => 'Holds in the right order only',
            $fit->verdict === Verdict::Tight => sprintf('Holds, with %s free: under the %s margin', Say::pct($fit->sparePct()), $margin),
            $fit->isFarTooLarge() => sprintf(
                'Holds the %s margin; far too large: %s times what must run', $margin,
                Say::figure(round($fit->supply->runLimitAmps() / $fit->running->worstAmps())),
            ),
            default => "Holds the $margin margin",
        };
    }

    /** One sentence for the leg strip. */
    public function headline(): string
    {
        $fit = $this->fit;
        $leg = $fit->supply->feedsBothLegs() ? 'leg '.$fit->running->worstLeg()->value : 'the one hot wire';
        $starter = $this->worstStarter();

        return match (true) {
            $fit->plan->must === [] => 'Mark what must run; then this machine can be judged.',
            $fit->cannotFeed !== [] => sprintf(
                '%s cannot run: a 120 V machine has no 240 V.', Say::list($this->titles($fit->cannotFeed), 3),
            ),
            $fit->overRun() => sprintf('Over by %s on %s while running.', Say::amps(-$fit->spareAmps()), $leg),
            $fit->overSurge() => sprintf(
                '%s starts at %s; the machine gives %s.', $starter, Say::amps($fit->starting->peakAmps()),
                Say::amps($fit->supply->surgeLimitAmps()),
            ),
            $fit->surgeIsUnknown() => sprintf(
                '%s starts at %s; what the machine gives for a moment is not known.', $starter, Say::amps($fit->starting->peakAmps()),
            ),
            $fit->verdict === Verdict::Unknown => sprintf('Holds for what is known, but %s.', $fit->plan->missingWords()),
            $fit->restartIsOver() => sprintf(
                'Holds in the right order only, with %s to spare on %s.', Say::amps($fit->spareAmps()), $leg,
            ),
            $fit->verdict === Verdict::Tight => sprintf(
                'Holds, with no more than %s to spare on %s.', Say::amps($fit->spareAmps()), $leg,
            ),
            default => sprintf('Holds, with %s to spare on %s.', Say::amps($fit->spareAmps()), $leg),
        };
    }

    /**
     * Why, sentence by sentence.
     *
     * @return list<string>
     */
    public function why(): array
    {
        $fit = $this->fit;
        $supply = $fit->supply;
        $why = [
            RatingWords::peak($supply->machine, $supply->rating),
            ...$this->stored(),
            ...SiteLosses::of($supply),
            sprintf(
                'That is %s running and %s starting %s.', Say::amps($supply->ratedRunAmps()), Say::amps($supply->surgeLimitAmps()),
                $supply->feedsBothLegs() ? 'on each leg' : 'on its one hot wire',
            ),
        ];
        if ($supply->machine->outletAmps < $supply->ratedRunAmps()) {
            $why[] = sprintf(
                'Its %s outlet passes %d A, less than the engine gives.', $supply->machine->outlet->value, $supply->machine->outletAmps,
            );
        }
        if ($fit->cannotFeed !== []) {
            $why[] = sprintf(
                'No 240 V: %s %s dead.', Say::list($this->titles($fit->cannotFeed)), count($fit->cannotFeed) === 1 ? 'stays' : 'stay',
            );
        }
        if ($fit->plan->must !== []) {
            $why[] = $supply->feedsBothLegs()
                ? sprintf(
                    'Must run: %s on leg A, %s on leg B, of %s.', Say::amps($fit->running->aAmps), Say::amps($fit->running->bAmps),
                    Say::amps($supply->runLimitAmps()),
                )
                : sprintf(
                    'Must run: %s together on one hot wire, of %s. Its neutral carries as much: nothing cancels.',
                    Say::amps($fit->running->aAmps), Say::amps($supply->runLimitAmps()),
                );
            $why[] = sprintf(
                'Worst start in the best order: %s (%s), of %s.',
                Say::amps($fit->starting->peakAmps()), $this->worstStarter(), Say::amps($supply->surgeLimitAmps()),
            );
        }
        if ($fit->restartIsOver()) {
            $why[] = sprintf(
                'If %s starts again by itself with everything on, that reaches %s: the order alone does not cover it.%s',
                $fit->restarts->name ?? 'what cycles', Say::amps($fit->restartAmps),
                $fit->restarts?->kind->isMotor() === true ? ' A soft starter on that motor would.' : '',
            );
        }
        if ($fit->verdict !== Verdict::Short && $fit->plan->must !== [] && $fit->sparePct() < $fit->marginPct - Limit::SLACK) {
            $why[] = sprintf(
                '%s to spare is less than the %s margin chosen for this job.', Say::pct($fit->sparePct()), Say::pct($fit->marginPct),
            );
        }
        if ($fit->plan->season !== null) {
            $why[] = "Judged for {$fit->plan->season->value}, the harder half of the year here: what runs in the other half alone is "
                .'not added.';
        }
        if ($fit->missing()) {
            $why[] = 'Figures are missing: '.$fit->plan->missingWords().'.';
        }

        return $why;
    }

    /** @return list<string> how long a battery station lasts at what must run */
    private function stored(): array
    {
        $fit = $this->fit;
        $wh = $fit->supply->machine->stored->wh;
        $watts = $fit->runningW();

        return match (true) {
            ! $fit->supply->machine->form->isBattery() => [],
            $wh === null => ['What it holds is not known: how long it lasts cannot be said.'],
            $watts <= 0 => [sprintf('It holds %s Wh.', number_format($wh))],
            default => [sprintf(
                'It holds %s Wh: about %s h with all that must run on all the time (%s), then nothing until it is charged.',
                number_format($wh), number_format($wh / $watts, 1), Say::watts($watts),
            )],
        };
    }

    private function worstStarter(): string
    {
        return $this->fit->worstStarting()->name ?? 'nothing starts';
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<string>
     */
    private function titles(array $circuits): array
    {
        return array_map(fn (Circuit $c): string => $c->name, $circuits);
    }
}

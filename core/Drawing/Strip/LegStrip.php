<?php

declare(strict_types=1);

namespace Underpin\Drawing\Strip;

use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Job\Outlet;
use Underpin\Legs\LegCurrents;
use Underpin\Limit;
use Underpin\Loads\Plan;
use Underpin\Loads\StartSequence;
use Underpin\Say;
use Underpin\Sizing\Fit;
use Underpin\Sizing\MachineClass;

/** The instrument on top of every page of a job: both legs on one scale, and one sentence. */
final readonly class LegStrip
{
    /**
     * @param  bool  $oneHot  a 120 V machine: everything flows in one hot conductor, shown as track A
     * @param  list<Tick>  $ticks
     * @param  string  $tone  good, advice, wrong or danger
     */
    private function __construct(
        public bool $oneHot,
        public float $aRunAmps,
        public float $bRunAmps,
        public float $aPeakAmps,
        public float $bPeakAmps,
        public array $ticks,
        public float $scaleAmps,
        public string $tone,
        public string $headline,
        public string $detail,
    ) {
    }

    public static function of(Design $design): self
    {
        return $design->fit() === null
            ? self::withoutMachine($design->plan(), $design->job->generator->marginPct)
            : self::withMachine($design->job, $design->fit());
    }

    private static function withMachine(Job $job, Fit $fit): self
    {
        $supply = $fit->supply;
        $ticks = [
            new Tick('running limit', $supply->ratedRunAmps(), false),
            new Tick('starting limit', $supply->surgeLimitAmps(), false),
        ];
        $inletAmps = $job->wire->inletAmps ?? $supply->machine->outletAmps;
        $ticks[] = new Tick(
            $supply->machine->outlet === Outlet::Terminals ? 'breaker' : 'inlet', (float) min($inletAmps, $supply->machine->outletAmps),
            true,
        );
        usort($ticks, fn (Tick $x, Tick $y): int => $x->amps <=> $y->amps);
        $detail = $fit->restartIsOver()
            ? sprintf(
                '%s, starting again by itself with everything on, reaches %s.', $fit->restarts->name ?? 'What cycles',
                Say::amps($fit->restartAmps),
            )
            : sprintf(
                'Worst start %s of %s, on %s.', Say::amps($fit->starting->peakAmps()), Say::amps($supply->surgeLimitAmps()),
                $supply->words(),
            );

        return self::scaled(
            ! $supply->feedsBothLegs(), $fit->running, $fit->starting, $ticks, $fit->verdict->tone(), $fit->words()->headline(), $detail,
        );
    }

    private static function withoutMachine(Plan $plan, float $marginPct): self
    {
        $missing = $plan->missingWords();
        $needs = MachineClass::of($plan, $marginPct)->asked().', with '.Say::pct($marginPct).' margin.';
        $detail = match (true) {
            $plan->must === [] => 'Mark the circuits that must run: the legs fill as you go.',
            $plan->running->worstAmps() <= 0.0 && $missing !== '' => "What it needs is not known: $missing.",
            default => $missing === '' ? "It needs $needs" : "It needs at least $needs",
        };

        return self::scaled(false, $plan->running, $plan->worstStarting(), [], 'advice', 'No generator picked yet.', $detail);
    }

    /** @param  list<Tick>  $ticks */
    private static function scaled(
        bool $oneHot, LegCurrents $running, StartSequence $starting, array $ticks, string $tone, string $headline, string $detail,
    ): self {
        $highest = max(
            [20.0, $running->worstAmps(), $starting->peakAmps(), ...array_map(fn (Tick $t): float => $t->amps, $ticks)]
        );
        $scale = self::roundUp($highest * 1.2);

        return new self(
            $oneHot,
            $running->aAmps, $running->bAmps,
            max($starting->peakAAmps, $running->aAmps), max($starting->peakBAmps, $running->bAmps),
            $ticks, $scale, $tone, $headline, $detail,
        );
    }

    private static function roundUp(float $amps): float
    {
        foreach ([20, 25, 30, 40, 50, 60, 80, 100, 120, 150, 200, 250, 300, 400, 500, 600, 800, 1000] as $round) {
            if (Limit::within($amps, $round)) {
                return $round;
            }
        }

        return ceil($amps / 500) * 500;
    }
}

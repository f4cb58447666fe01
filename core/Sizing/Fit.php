<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Circuit;
use Underpin\Job\Duty;
use Underpin\Job\Load;
use Underpin\Legs\Draw;
use Underpin\Legs\LegCurrents;
use Underpin\Limit;
use Underpin\Loads\Plan;
use Underpin\Loads\Starter;
use Underpin\Loads\StartOrder;
use Underpin\Loads\StartSequence;
use Underpin\Say;

/**
 * One machine on one fuel against the circuits that must run. The legs are judged separately,
 * running and starting; what is not known is never taken as fine. NEC 2023 702.4.
 */
final readonly class Fit
{
    private const LEAST_LOADED_PCT = 25.0;

    /** amperes of the circuits that must run and can be fed, per hot conductor */
    public LegCurrents $running;

    public StartSequence $starting;

    /** the highest moment when a motor starts again by itself with everything on, amperes */
    public float $restartAmps;

    /** what starts again at that moment; null: nothing raises it */
    public ?Load $restarts;

    /** @var list<Circuit> that must run on 240 V and cannot, on a 120 V machine */
    public array $cannotFeed;

    public Verdict $verdict;

    /** @var list<Circuit> that must run and can be fed */
    private array $fed;

    private function __construct(public Plan $plan, public Supply $supply, public float $marginPct)
    {
        $canFeed = fn (Circuit $c): bool => $supply->canFeed($c);
        $this->fed = array_values(array_filter($plan->must, $canFeed));
        $this->cannotFeed = array_values(array_filter($plan->must, fn (Circuit $c): bool => ! $canFeed($c)));
        $this->running = self::runningOn($supply, $this->fed)->atLeast($plan->floorVa / $supply->machine->volts);
        $this->starting = self::startingOn($supply, $this->fed);
        [$this->restartAmps, $this->restarts] = self::restartOn($supply, $this->fed, $this->running, $plan->floorVa > 0);
        $this->verdict = $this->judge();
    }

    /** In the half of the year that it holds worse in. */
    public static function of(Plan $plan, Supply $supply, float $marginPct): self
    {
        $fits = self::each($plan, $supply, $marginPct);
        usort($fits, fn (self $x, self $y): int => [$y->verdict->value, $x->spareAmps()] <=> [$x->verdict->value, $y->spareAmps()]);

        return $fits[0];
    }

    /** @return non-empty-list<self> one, or one for each half of the year where loads run in one of them only */
    public static function each(Plan $plan, Supply $supply, float $marginPct): array
    {
        return array_map(fn (Plan $each): self => new self($each, $supply, $marginPct), $plan->seasons());
    }

    /** @param  list<Circuit>  $circuits */
    public static function runningOn(Supply $supply, array $circuits): LegCurrents
    {
        return LegCurrents::of(array_merge([], ...array_map(fn (Circuit $c): array => array_map(
            fn (Draw $d): Draw => new Draw($d->id, $supply->hotFor($d->leg), $d->watts, $d->pf),
            $c->draws(),
        ), $circuits)));
    }

    /** @param  list<Circuit>  $circuits */
    public static function startingOn(Supply $supply, array $circuits): StartSequence
    {
        return StartOrder::inGivenOrder(StartOrder::sorted(array_map(
            fn (Circuit $c): Starter => Starter::on($c, $supply->hotFor($c->leg())),
            $circuits,
        )));
    }

    /** Watts of all that must run and is fed, on at once: what an engine burns for and a battery gives, whatever their power factor. */
    public function runningW(): float
    {
        $draws = array_merge([], ...array_map(fn (Circuit $c): array => $c->draws(), $this->fed));

        return max($this->plan->floorVa, array_sum(array_map(fn (Draw $d): float => $d->watts, $draws)));
    }

    /** Amperes of what must run that stay on for hours, on the leg that carries more of them. */
    public function continuousAmps(): float
    {
        $draws = [];
        foreach ($this->fed as $circuit) {
            foreach ($circuit->loads as $load) {
                if ($load->duty === Duty::Continuous) {
                    $draws[] = new Draw($load->id, $this->supply->hotFor($circuit->legOf($load)), $load->knownRunW(), $load->pf);
                }
            }
        }

        return LegCurrents::of($draws)->worstAmps();
    }

    /** Amperes of the running limit left on the worse leg; negative when it is over. */
    public function spareAmps(): float
    {
        return $this->supply->runLimitAmps() - $this->running->worstAmps();
    }

    /** The same in per cent of the limit. */
    public function sparePct(): float
    {
        return 100 * $this->spareAmps() / $this->supply->runLimitAmps();
    }

    /** Per cent of what it gives for a moment that is left at the highest moment: the worst start, or a restart with everything on. */
    public function startSparePct(): float
    {
        $highest = max($this->starting->peakAmps(), $this->restartAmps);

        return 100 * ($this->supply->surgeLimitAmps() - $highest) / $this->supply->surgeLimitAmps();
    }

    /** What must run is so small a part of it that it costs more, burns more and, a diesel, fouls: good practice, a quarter. */
    public function isFarTooLarge(): bool
    {
        return $this->plan->must !== [] && $this->running->worstAmps() > 0 && $this->sparePct() > 100 - self::LEAST_LOADED_PCT;
    }

    /** How it stands, for a row among others: with the margin that it was judged by. */
    public function standing(): string
    {
        $margin = Say::pct($this->marginPct);

        return match (true) {
            $this->plan->must === [] => 'Not judged: nothing is marked to run',
            $this->cannotFeed !== [] => 'No 240 V for '.Say::list($this->titles($this->cannotFeed), 2),
            $this->overRun() => 'Over by '.Say::amps(-$this->spareAmps()).' while running',
            $this->overSurge() => sprintf('Over by %s at a start',
                Say::amps($this->starting->peakAmps() - $this->supply->surgeLimitAmps())),
            $this->surgeIsUnknown() => 'Not judged: what it gives for a moment is not known',
            $this->verdict === Verdict::Unknown => 'Not judged: '.$this->plan->missingWords(),
            $this->restartIsOver() => 'Holds in the right order only',
            $this->verdict === Verdict::Tight => sprintf('Holds, with %s free: under the %s margin', Say::pct($this->sparePct()), $margin),
            $this->isFarTooLarge() => sprintf(
                'Holds the %s margin; far too large: %s times what must run', $margin,
                Say::figure(round($this->supply->runLimitAmps() / $this->running->worstAmps())),
            ),
            default => "Holds the $margin margin",
        };
    }

    /** What can run together: all that must and what else there is room for, or the best part of it. */
    public function together(): LoadSet
    {
        if ($this->verdict === Verdict::Short) {
            return LoadSet::bestOf($this->supply, [], $this->fed);
        }
        $room = array_filter($this->plan->room, fn (Circuit $c): bool => $this->supply->canFeed($c));

        return LoadSet::bestOf($this->supply, $this->fed, array_values($room));
    }

    /** One sentence for the leg strip. */
    public function headline(): string
    {
        $leg = $this->supply->feedsBothLegs() ? 'leg '.$this->running->worstLeg()->value : 'the one hot wire';
        $starter = $this->worstStarter();

        return match (true) {
            $this->plan->must === [] => 'Mark what must run; then this machine can be judged.',
            $this->cannotFeed !== [] => sprintf(
                '%s cannot run: a 120 V machine has no 240 V.', Say::list($this->titles($this->cannotFeed), 3),
            ),
            $this->overRun() => sprintf('Over by %s on %s while running.', Say::amps(-$this->spareAmps()), $leg),
            $this->overSurge() => sprintf(
                '%s starts at %s; the machine gives %s.', $starter, Say::amps($this->starting->peakAmps()),
                Say::amps($this->supply->surgeLimitAmps()),
            ),
            $this->surgeIsUnknown() => sprintf(
                '%s starts at %s; what the machine gives for a moment is not known.', $starter, Say::amps($this->starting->peakAmps()),
            ),
            $this->verdict === Verdict::Unknown => sprintf('Holds for what is known, but %s.', $this->plan->missingWords()),
            $this->restartIsOver() => sprintf(
                'Holds in the right order only, with %s to spare on %s.', Say::amps($this->spareAmps()), $leg,
            ),
            $this->verdict === Verdict::Tight => sprintf(
                'Holds, with no more than %s to spare on %s.', Say::amps($this->spareAmps()), $leg,
            ),
            default => sprintf('Holds, with %s to spare on %s.', Say::amps($this->spareAmps()), $leg),
        };
    }

    /**
     * Why, sentence by sentence.
     *
     * @return list<string>
     */
    public function why(): array
    {
        $supply = $this->supply;
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
        if ($this->cannotFeed !== []) {
            $why[] = sprintf(
                'No 240 V: %s %s dead.', Say::list($this->titles($this->cannotFeed)), count($this->cannotFeed) === 1 ? 'stays' : 'stay',
            );
        }
        if ($this->plan->must !== []) {
            $why[] = $supply->feedsBothLegs()
                ? sprintf(
                    'Must run: %s on leg A, %s on leg B, of %s.', Say::amps($this->running->aAmps), Say::amps($this->running->bAmps),
                    Say::amps($supply->runLimitAmps()),
                )
                : sprintf(
                    'Must run: %s together on one hot wire, of %s. Its neutral carries as much: nothing cancels.',
                    Say::amps($this->running->aAmps), Say::amps($supply->runLimitAmps()),
                );
            $why[] = sprintf(
                'Worst start in the best order: %s (%s), of %s.',
                Say::amps($this->starting->peakAmps()), $this->worstStarter(), Say::amps($supply->surgeLimitAmps()),
            );
        }
        if ($this->restartIsOver()) {
            $why[] = sprintf(
                'If %s starts again by itself with everything on, that reaches %s: the order alone does not cover it.%s',
                $this->restarts->name ?? 'what cycles', Say::amps($this->restartAmps),
                $this->restarts?->kind->isMotor() === true ? ' A soft starter on that motor would.' : '',
            );
        }
        if ($this->verdict !== Verdict::Short && $this->plan->must !== [] && $this->sparePct() < $this->marginPct - Limit::SLACK) {
            $why[] = sprintf(
                '%s to spare is less than the %s margin chosen for this job.', Say::pct($this->sparePct()), Say::pct($this->marginPct),
            );
        }
        if ($this->plan->season !== null) {
            $why[] = "Judged for {$this->plan->season->value}, the harder half of the year here: what runs in the other half alone is "
                .'not added.';
        }
        if ($this->missing()) {
            $why[] = 'Figures are missing: '.$this->plan->missingWords().'.';
        }

        return $why;
    }

    public function overRun(): bool
    {
        return Limit::over($this->running->worstAmps(), $this->supply->runLimitAmps());
    }

    public function overSurge(): bool
    {
        return $this->startIsOver() && $this->supply->rating->peakW !== null;
    }

    public function restartIsOver(): bool
    {
        return Limit::over($this->restartAmps, $this->supply->surgeLimitAmps()) && ! $this->startIsOver();
    }

    /** A start is above its running watts, and what it gives for a moment is not known. */
    private function surgeIsUnknown(): bool
    {
        return $this->supply->rating->peakW === null && ($this->startIsOver() || $this->restartIsOver());
    }

    private function startIsOver(): bool
    {
        return Limit::over($this->starting->peakAmps(), $this->supply->surgeLimitAmps());
    }

    /** @return list<string> how long a battery station lasts at what must run */
    private function stored(): array
    {
        $wh = $this->supply->machine->stored->wh;
        $watts = $this->runningW();

        return match (true) {
            ! $this->supply->machine->form->isBattery() => [],
            $wh === null => ['What it holds is not known: how long it lasts cannot be said.'],
            $watts <= 0 => [sprintf('It holds %s Wh.', number_format($wh))],
            default => [sprintf(
                'It holds %s Wh: about %s h with all that must run on all the time (%s), then nothing until it is charged.',
                number_format($wh), number_format($wh / $watts, 1), Say::watts($watts),
            )],
        };
    }

    private function judge(): Verdict
    {
        return match (true) {
            $this->plan->must === [] => Verdict::Unknown,
            $this->cannotFeed !== [],
            $this->overRun(),
            $this->overSurge() => Verdict::Short,
            $this->missing(), $this->surgeIsUnknown() => Verdict::Unknown,
            $this->restartIsOver(), $this->sparePct() < $this->marginPct - Limit::SLACK => Verdict::Tight,
            default => Verdict::Holds,
        };
    }

    private function missing(): bool
    {
        return $this->plan->figuresMissing() !== [] || $this->plan->startsMissing() !== [];
    }

    /** The start that makes the highest moment is that of a motor: only then a soft starter helps. */
    public function startIsMotor(): bool
    {
        $motors = array_filter($this->worstStarting()->loads ?? [], fn (Load $load): bool => $load->kind->isMotor());

        return $motors !== [];
    }

    private function worstStarter(): string
    {
        return $this->worstStarting()->name ?? 'nothing starts';
    }

    /** The circuit whose start makes the highest moment. */
    private function worstStarting(): ?Circuit
    {
        foreach ($this->starting->steps as $step) {
            if (max($step->aAmps, $step->bAmps) >= $this->starting->peakAmps() - Limit::SLACK) {
                foreach ($this->plan->must as $circuit) {
                    if ($circuit->id === $step->id) {
                        return $circuit;
                    }
                }
            }
        }

        return null;
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<string>
     */
    private function titles(array $circuits): array
    {
        return array_map(fn (Circuit $c): string => $c->name, $circuits);
    }

    /**
     * A pressure switch or thermostat does not wait for its turn: everything on, and the load
     * with the largest surplus starts again. Where the legs carry what the code calculates, nobody
     * knows which loads are on: then any of them may be the one that starts.
     *
     * @param  list<Circuit>  $circuits
     * @return array{float, ?Load} amperes, and what starts
     */
    private static function restartOn(Supply $supply, array $circuits, LegCurrents $running, bool $anyMayStart): array
    {
        $highest = $running->worstAmps();
        $starts = null;
        foreach ($circuits as $circuit) {
            foreach ($circuit->loads as $load) {
                if (! $anyMayStart && ! $load->cyclesByItself()) {
                    continue;
                }
                $leg = $supply->hotFor($circuit->legOf($load));
                $surplus = ($load->knownStartW() - $load->knownRunW()) / $load->pf / $circuit->legOf($load)->volts();
                $reaches = max($leg->onA() ? $running->aAmps + $surplus : 0.0, $leg->onB() ? $running->bAmps + $surplus : 0.0);
                if ($reaches > $highest) {
                    [$highest, $starts] = [$reaches, $load];
                }
            }
        }

        return [$highest, $starts];
    }
}

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

    /** What can run together: all that must and what else there is room for, or the best part of it. */
    public function together(): LoadSet
    {
        if ($this->verdict === Verdict::Short) {
            return LoadSet::bestOf($this->supply, [], $this->fed);
        }
        $room = array_filter($this->plan->room, fn (Circuit $c): bool => $this->supply->canFeed($c));

        return LoadSet::bestOf($this->supply, $this->fed, array_values($room));
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
    public function surgeIsUnknown(): bool
    {
        return $this->supply->rating->peakW === null && ($this->startIsOver() || $this->restartIsOver());
    }

    private function startIsOver(): bool
    {
        return Limit::over($this->starting->peakAmps(), $this->supply->surgeLimitAmps());
    }

    /** The same in words. */
    public function words(): FitWords
    {
        return new FitWords($this);
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

    public function missing(): bool
    {
        return $this->plan->figuresMissing() !== [] || $this->plan->startsMissing() !== [];
    }

    /** The start that makes the highest moment is that of a motor: only then a soft starter helps. */
    public function startIsMotor(): bool
    {
        $motors = array_filter($this->worstStarting()->loads ?? [], fn (Load $load): bool => $load->kind->isMotor());

        return $motors !== [];
    }

    /** The circuit whose start makes the highest moment. */
    public function worstStarting(): ?Circuit
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

<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

use Underpin\Codebook\DayAtHome;
use Underpin\Codebook\RunsBy;
use Underpin\Codebook\UsualRunning;
use Underpin\Job\Circuit;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Legs\LegCurrents;
use Underpin\Limit;
use Underpin\Loads\FirstOn;
use Underpin\Say;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Candidate;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;

/**
 * The same day over and over, in which what must run takes turns: who is on when. At night nobody gets up: what is on then stays on. On
 * all the time is what keeps somebody alive or warns, what pumps water out, and what has no cycle of its own. Each start that can come
 * has its room kept free, whenever it comes. NEC 2023 702.4; hours by how a load usually runs, with a quarter on top. Good practice.
 */
final readonly class DayOfTurns
{
    private const SLOT_H = 0.5;

    /** slots that somebody is awake for */
    private const SLOTS = 32;

    /** Two hours: shorter turns are more walks to the panel. */
    private const BLOCK = 4;

    /** A load that has waited has to catch up. */
    private const CATCHES_UP = 1.25;

    private const STEPS = 300_000;

    private const WORTH = 10.0;

    /** between the id of a circuit and the number of a half of the day */
    private const HALF = "\n";

    /** Water that must go out comes when it wants. */
    private const PUMPS_OUT = '/\b(?:sump|septic|sewage|ejector|lift)\b/i';

    /**
     * @param  list<Circuit>  $always  on all the time
     * @param  array<string, list<array{float, float}>>  $hours  of the day, half open, by id of each that takes turns; over midnight
     *                                                           to more than 24
     * @param  list<Circuit>  $turning  that take turns and are served
     * @param  list<Circuit>  $unserved  that have no place
     * @param  string  $unknown  titles of what cannot be weighed, or whose start has no room kept; empty: nothing
     */
    private function __construct(
        public Supply $supply, public array $always, public array $turning, public array $unserved, private array $hours,
        public bool $isProven, public float $limitAmps, private string $unknown,
    ) {
    }

    /**
     * @param  list<Circuit>  $circuits  that must run and can be fed
     * @return ?self null: they fit together, or what is on all the time does not fit
     */
    public static function of(Supply $supply, array $circuits): ?self
    {
        $known = array_values(array_filter($circuits, fn (Circuit $c): bool => ! $c->figuresMissing()));
        $lacks = fn (Circuit $c): bool => $c->figuresOrStartsMissing();
        $unknown = Say::list(array_values(array_map(fn (Circuit $c): string => $c->title(), array_filter($circuits, $lacks))), 6);
        $bySize = array_values(array_filter($known, fn (Circuit $c): bool => self::takesTurns($c)));
        usort($bySize, fn (Circuit $x, Circuit $y): int => $y->runAmps() <=> $x->runAmps());
        // The search takes so many: the small rest stays on.
        $turning = array_slice($bySize, 0, Turns::MOST_LOADS);
        $always = array_values(array_filter($known, fn (Circuit $c): bool => ! in_array($c, $turning, true)));
        if (self::fits($supply, $known) || ! self::fits($supply, $always)) {
            return null;
        }
        // The one with the hardest start may keep so much room free that others have none: it is tried without it, too.
        $best = self::planned($supply, $always, $turning, [], $unknown);
        $left = $turning;
        while ($best->unserved !== [] && count($left) > 1) {
            usort($left, fn (Circuit $x, Circuit $y): int => $y->startAmps() - $y->runAmps() <=> $x->startAmps() - $x->runAmps());
            array_shift($left);
            $gone = array_values(array_filter($turning, fn (Circuit $c): bool => ! in_array($c, $left, true)));
            $without = self::planned($supply, $always, $left, $gone, $unknown);
            $best = count($without->turning) > count($best->turning) ? $without : $best;
        }

        return $best;
    }

    /**
     * @param  list<Circuit>  $always
     * @param  list<Circuit>  $turning
     * @param  list<Circuit>  $out  that are left out beforehand
     */
    private static function planned(Supply $supply, array $always, array $turning, array $out, string $unknown): self
    {
        $base = Fit::runningOn($supply, $always);
        $limit = self::limit($supply, [...$always, ...$turning]);
        $possible = array_values(array_filter($turning, fn (Circuit $c): bool => Limit::within(
            Fit::runningOn($supply, [...$always, $c])->worstAmps(), $limit,
        )));
        $table = null;
        $night = [];
        if (Limit::within($base->worstAmps(), $limit)) {
            $night = self::night($supply, $possible, $base, $limit);
            // Morning and evening by themselves, as far as the search takes as many: nothing waits for a whole day.
            $halves = 2 * count($possible) <= Turns::MOST_LOADS ? 2 : 1;
            $table = Turns::plan(
                new Room(self::SLOTS, $limit, $limit, $base->aAmps, $base->bAmps),
                array_merge([], ...array_map(
                    fn (Circuit $c): array => self::loads($supply, $c, in_array($c, $night, true), $halves), $possible,
                )), self::STEPS,
            );
        }
        $hours = [];
        foreach ($table->served ?? [] as $i => $load) {
            [$id] = explode(self::HALF, $load->id);
            foreach ($table->runs[$i] ?? [] as [$from, $to]) {
                $hours[" $id"][] = [DayAtHome::WAKES_H + $from * self::SLOT_H, DayAtHome::WAKES_H + $to * self::SLOT_H];
            }
        }
        foreach ($hours as $id => $ranges) {
            $hours[$id] = self::joined($ranges);
        }
        foreach ($night as $circuit) {
            $hours[" $circuit->id"][] = [DayAtHome::SLEEPS_H, 24 + DayAtHome::WAKES_H];
        }
        $isServed = fn (Circuit $c): bool => isset($hours[" $c->id"]);

        return new self(
            $supply, $always, array_values(array_filter($turning, $isServed)),
            [...$out, ...array_values(array_filter($turning, fn (Circuit $c): bool => ! $isServed($c)))], $hours,
            $table->isProven ?? false, $limit, $unknown,
        );
    }

    public function isOn(string $id, float $clockH): bool
    {
        foreach ($this->hours[" $id"] ?? [] as [$from, $to]) {
            if ($clockH >= $from && $clockH < $to || $clockH + 24 >= $from && $clockH + 24 < $to) {
                return true;
            }
        }

        return ! isset($this->hours[" $id"]);
    }

    /** @return list<array{float, float}> hours of the day; over midnight to more than 24 */
    public function hoursOf(string $id): array
    {
        return $this->hours[" $id"] ?? [];
    }

    /** Hours of a day that it is on. */
    public function sumOf(string $id): float
    {
        return array_sum(array_map(fn (array $range): float => $range[1] - $range[0], $this->hoursOf($id)));
    }

    /** Hours of a day that it asks for. */
    public static function needH(Circuit $circuit): float
    {
        $needs = [0.0];
        foreach ($circuit->loads as $load) {
            $usual = UsualRunning::of($load->kind->value);
            $on = $load->onS ?? $usual->onS;
            $off = $load->offS ?? $usual->offS;
            $needs[] = 24 * $on / max(1.0, $on + $off) * self::CATCHES_UP;
        }

        return min(24.0, max($needs));
    }

    /**
     * What somebody switches in a day, by the hour.
     *
     * @return list<array{float, list<Circuit>, list<Circuit>}> hour of the day, what goes off, what goes on
     */
    public function switches(): array
    {
        $switches = [];
        for ($slot = 0; $slot <= self::SLOTS; $slot++) {
            $at = DayAtHome::WAKES_H + $slot * self::SLOT_H;
            $before = fn (Circuit $c): bool => $this->isOn($c->id, fmod($at - self::SLOT_H / 2 + 24, 24));
            $after = fn (Circuit $c): bool => $this->isOn($c->id, fmod($at + self::SLOT_H / 2, 24));
            $off = array_values(array_filter($this->turning, fn (Circuit $c): bool => $before($c) && ! $after($c)));
            $on = array_values(array_filter($this->turning, fn (Circuit $c): bool => ! $before($c) && $after($c)));
            if ($off !== [] || $on !== []) {
                $switches[] = [$at, $off, $on];
            }
        }

        return $switches;
    }

    /** @return list<string> "6:30: off Refrigerator; on Gas boiler", through a day */
    public function lines(): array
    {
        $names = fn (Circuit ...$circuits): string => implode(', ', array_map(fn (Circuit $c): string => $c->title(), $circuits));

        return array_map(fn (array $switch): string => self::clock($switch[0]).': '.implode('; ', array_filter([
            $switch[1] === [] ? '' : 'off '.$names(...$switch[1]), $switch[2] === [] ? '' : 'on '.$names(...$switch[2]),
        ])).'.', $this->switches());
    }

    /** What has no place, or less than it asks for, and what that costs; empty: everything has its hours. */
    public function costs(): string
    {
        $short = array_filter($this->turning, fn (Circuit $c): bool => Limit::over(self::needH($c), $this->sumOf($c->id) + self::SLOT_H));

        return implode(' ', [...array_map(fn (Circuit $c): string => sprintf(
            '%s is on for %s of about %s h a day.', $c->title(), Say::figure($this->sumOf($c->id)), Say::figure(self::needH($c)),
        ), array_values($short)), ...array_map(fn (Circuit $c): string => sprintf(
            '%s has no place: %s for about %s h a day, and %s to start.', $c->title(), Say::watts($c->runW()), Say::figure(self::needH($c)),
            Say::amps($c->startAmps()),
        ), $this->unserved), ...$this->unknown === '' ? [] : ["Not counted, since watts or starts are not known: $this->unknown."]]);
    }

    /** "6:30" */
    public static function clock(float $hour): string
    {
        $minutes = (int) round(fmod($hour, 24) * 60);

        return sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    private static function takesTurns(Circuit $circuit): bool
    {
        $cycles = fn (Load $load): bool => ! in_array(
            UsualRunning::of($load->kind->value)->by, [RunsBy::Itself, RunsBy::Dark], true,
        );
        $names = implode(' ', [$circuit->name, ...array_map(fn (Load $load): string => $load->name, $circuit->loads)]);

        return ! $circuit->isMedical() && FirstOn::of($circuit) === FirstOn::Rest && array_filter($circuit->loads, $cycles) !== []
            && preg_match(self::PUMPS_OUT, $names) !== 1;
    }

    /**
     * Amperes of each leg that may run, so that any one of them can start at any time.
     *
     * @param  list<Circuit>  $circuits
     */
    private static function limit(Supply $supply, array $circuits): float
    {
        $surplus = array_map(fn (Circuit $c): float => $c->startAmps() - $c->runAmps(), $circuits);

        return min($supply->runLimitAmps(), $supply->surgeLimitAmps() - max([0.0, ...$surplus]));
    }

    /** @param  list<Circuit>  $circuits */
    private static function fits(Supply $supply, array $circuits): bool
    {
        return Limit::within(Fit::runningOn($supply, $circuits)->worstAmps(), self::limit($supply, $circuits));
    }

    /**
     * @param  list<Circuit>  $possible
     * @return list<Circuit> that are on from going to sleep to waking
     */
    private static function night(Supply $supply, array $possible, LegCurrents $base, float $limit): array
    {
        $heats = fn (Circuit $c): bool => array_filter($c->loads, fn (Load $l): bool => $l->kind === LoadKind::Boiler
            || $l->kind === LoadKind::Refrigeration || $l->kind === LoadKind::Fan) !== [];
        $sleeps = array_slice(array_values(array_filter($possible, fn (Circuit $c): bool => ! self::isUsedByHand($c))), 0, BestSet::MOST);
        $set = BestSet::choose(
            max(0.0, $limit - $base->aAmps), max(0.0, $limit - $base->bAmps), array_map(fn (Circuit $c): Candidate => new Candidate(
                $c->id, $supply->hotFor($c->leg()), $c->runAmps(), self::needH($c) + ($heats($c) ? self::WORTH : 0.0),
            ), $sleeps),
        );

        return array_values(array_filter($sleeps, fn (Circuit $c): bool => in_array($c->id, $set->ids, true)));
    }

    private static function isUsedByHand(Circuit $circuit): bool
    {
        return array_filter(
            $circuit->loads, fn (Load $l): bool => UsualRunning::of($l->kind->value)->by !== RunsBy::People,
        ) === [];
    }

    /** @return list<TurnLoad> one for each half of the day that somebody is awake for, or for all of it */
    private static function loads(Supply $supply, Circuit $circuit, bool $isOnAtNight, int $halves): array
    {
        $nightH = $isOnAtNight ? 24 - DayAtHome::SLEEPS_H + DayAtHome::WAKES_H : 0.0;
        $need = (int) ceil(max(self::SLOT_H, self::needH($circuit) - $nightH) / self::SLOT_H - Limit::SLACK);
        $need = min(self::SLOTS, max(1, $need));
        $loads = [];
        for ($half = 0, $left = $need; $half < $halves && $left > 0; $half++) {
            $own = (int) ceil($left / ($halves - $half));
            $loads[] = new TurnLoad(
                $circuit->id.self::HALF.$half, $supply->hotFor($circuit->leg()), $circuit->runAmps(), $own,
                intdiv(self::SLOTS * $half, $halves), intdiv(self::SLOTS * ($half + 1), $halves), min($own, self::BLOCK),
                self::WORTH + self::needH($circuit),
            );
            $left -= $own;
        }

        return $loads;
    }

    /**
     * @param  list<array{float, float}>  $ranges
     * @return list<array{float, float}> rising, those that touch as one
     */
    private static function joined(array $ranges): array
    {
        sort($ranges);
        $joined = [];
        foreach ($ranges as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && abs($joined[$last][1] - $from) < Limit::SLACK) {
                $joined[$last] = [$joined[$last][0], $to];
            } else {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }
}

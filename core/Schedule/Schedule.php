<?php

declare(strict_types=1);

namespace Underpin\Schedule;

use Underpin\Design\Design;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Refused;

/** The way to the day of the work, as a chain: what must be asked and ordered by when, which one decides, and what slips if one slips. */
final readonly class Schedule
{
    private const SATURDAY = 5;

    /** @param  list<Planned>  $steps */
    private function __construct(public array $steps, public int $today, public ?int $agreed)
    {
    }

    /**
     * @param  string  $today  YYYY-MM-DD
     *
     * @throws Refused on "today" when there is no such day
     */
    public static function of(Design $design, PriceBook $book, string $today): self
    {
        $day = CivilDay::read($today)
            ?? throw new Refused('today', "today must be a day that exists, as YYYY-MM-DD; \"$today\" was given.");

        return self::planned(Steps::of($design, $book), $day, CivilDay::read($design->job->agreed->installOn));
    }

    /**
     * @param  list<Step>  $steps  each after those that it waits for
     * @param  ?int  $agreed  the day that was agreed for the work
     */
    public static function planned(array $steps, int $today, ?int $agreed): self
    {
        $behind = self::passedBy($steps);
        $steps = array_map(fn (Step $step): Step => $step->waitingFor(array_values(array_diff($step->after, $behind))), $steps);
        $ahead = array_values(array_filter($steps, fn (Step $step): bool => ! in_array($step->key, $behind, true)));
        $spans = self::soonest($ahead, $today, $agreed);
        $latestEnds = self::latestEnds($ahead, $spans, $agreed);
        $byAgreed = $agreed === null ? [] : self::latestFor($ahead, $agreed);
        $planned = [];
        foreach ($steps as $step) {
            if (in_array($step->key, $behind, true)) {
                $planned[] = Planned::behind($step);

                continue;
            }
            [$start, $end] = $spans[$step->key];
            $isDone = $step->doneOn !== '';
            $slack = $isDone || $end === null || ($latestEnds[$step->key] ?? null) === null ? null : $latestEnds[$step->key] - $end;
            $planned[] = new Planned($step, $start, $end, $isDone ? null : $byAgreed[$step->key] ?? null, $slack, $slack === 0);
        }

        return new self($planned, $today, $agreed);
    }

    public function find(string $key): ?Planned
    {
        foreach ($this->steps as $planned) {
            if ($planned->step->key === $key) {
                return $planned;
            }
        }

        return null;
    }

    /** The soonest day of the work; null: something before it is not known. */
    public function soonestWork(): ?int
    {
        return $this->find(Steps::INSTALL)?->start;
    }

    /** The agreed day comes before the work can begin, by so many days; 0: it stands; null: not known, or none is agreed. */
    public function lateBy(): ?int
    {
        $soonest = $this->soonestReady();

        return $this->agreed === null || $soonest === null ? null : max(0, $soonest - $this->agreed);
    }

    /** @return list<Planned> whose length nobody has said */
    public function unknown(): array
    {
        return array_values(array_filter(
            $this->steps, fn (Planned $p): bool => $p->step->days === null && ! $p->isDone() && ! $p->isBehind,
        ));
    }

    /** @return list<Planned> that nobody noted as done, though something that waits for them is */
    public function behind(): array
    {
        return array_values(array_filter($this->steps, fn (Planned $p): bool => $p->isBehind));
    }

    /** @return list<Planned> steps that the end waits for, in their order */
    public function deciding(): array
    {
        return array_values(array_filter($this->steps, fn (Planned $p): bool => $p->decides));
    }

    /** When all that the work waits for is there, whatever day was agreed. */
    private function soonestReady(): ?int
    {
        $install = $this->find(Steps::INSTALL);
        $ends = array_map(fn (string $key): ?int => $this->find($key)?->end, $install->step->after ?? []);

        return $ends === [] || in_array(null, $ends, true) ? null : max($ends);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string> keys of those that nobody noted as done, though something that waits for them is
     */
    private static function passedBy(array $steps): array
    {
        $reached = [];
        foreach (array_reverse($steps) as $step) {
            if ($step->doneOn !== '' || isset($reached[$step->key])) {
                $reached += array_fill_keys($step->after, true);
            }
        }

        return array_values(array_map(
            fn (Step $step): string => $step->key,
            array_filter($steps, fn (Step $step): bool => $step->doneOn === '' && isset($reached[$step->key])),
        ));
    }

    /**
     * @param  list<Step>  $steps
     * @return array<string, array{?int, ?int}> start and end by key
     */
    private static function soonest(array $steps, int $today, ?int $agreed): array
    {
        $spans = [];
        foreach ($steps as $step) {
            $ends = array_map(fn (string $key): ?int => $spans[$key][1] ?? null, $step->after);
            $ready = in_array(null, $ends, true) ? null : max([$today, ...$ends]);
            $isWork = $step->key === Steps::INSTALL;
            $done = CivilDay::read($step->doneOn);
            $start = CivilDay::read($step->begunOn) ?? $done ?? ($isWork && $ready !== null ? self::workday(max($ready, $agreed ?? $ready))
                : $ready);
            $end = $done ?? ($start === null || $step->days === null ? null : max($today, $start + $step->days));
            $spans[$step->key] = [$start, $end];
        }

        return $spans;
    }

    /**
     * @param  list<Step>  $steps
     * @param  array<string, array{?int, ?int}>  $spans
     * @return array<string, ?int> the last day of each at which the end of all does not slip
     */
    private static function latestEnds(array $steps, array $spans, ?int $agreed): array
    {
        $last = $steps === [] ? null : $spans[$steps[count($steps) - 1]->key][1];
        $latest = array_fill_keys(array_map(fn (Step $step): string => $step->key, $steps), $last);
        foreach (array_reverse($steps) as $step) {
            // A step that is begun begins where it did, whatever the ones before it do. The work waits for the agreed day, else for the
            // last of what it needs: that a weekend follows is no room for anybody.
            $mayBegin = match (true) {
                $step->doneOn !== '' || $step->begunOn !== '' => null,
                $step->key === Steps::INSTALL => self::mayWork($step, $spans, $agreed),
                default => $latest[$step->key] === null || $step->days === null ? null : $latest[$step->key] - $step->days,
            };
            foreach ($step->after as $key) {
                $latest[$key] = $mayBegin === null ? $latest[$key] ?? null : min($latest[$key] ?? $mayBegin, $mayBegin);
            }
        }

        return $latest;
    }

    /**
     * @param  list<Step>  $steps
     * @return array<string, int> the last day to begin each that the work waits for
     */
    private static function latestFor(array $steps, int $agreed): array
    {
        $begin = [Steps::INSTALL => $agreed];
        foreach (array_reverse($steps) as $step) {
            $due = $begin[$step->key] ?? null;
            foreach ($due === null ? [] : $step->after as $key) {
                $days = array_column(array_map(fn (Step $s): array => [$s->key, $s->days], $steps), 1, 0)[$key] ?? null;
                if ($days !== null) {
                    $begin[$key] = min($begin[$key] ?? PHP_INT_MAX, $due - $days);
                }
            }
        }

        return $begin;
    }

    /** @param  array<string, array{?int, ?int}>  $spans */
    private static function mayWork(Step $step, array $spans, ?int $agreed): ?int
    {
        $ready = self::ready($step, $spans);

        return $ready === null ? null : max($ready, $agreed ?? $ready);
    }

    /**
     * @param  array<string, array{?int, ?int}>  $spans
     * @return ?int when all that a step waits for is there
     */
    private static function ready(Step $step, array $spans): ?int
    {
        $ends = array_map(fn (string $key): ?int => $spans[$key][1] ?? null, $step->after);

        return $ends === [] || in_array(null, $ends, true) ? null : max($ends);
    }

    private static function workday(int $day): int
    {
        return CivilDay::weekday($day) >= self::SATURDAY ? $day + 7 - CivilDay::weekday($day) : $day;
    }
}

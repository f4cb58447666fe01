<?php

declare(strict_types=1);

namespace Underpin\Schedule;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Measure\Interval\CivilDay;

/** A schedule on a line of days: what decides is filled, what may slip has its room dotted behind it, what is done is green with a tick. */
final readonly class ScheduleDrawing
{
    private const WIDTH = 960.0;

    private const NAMES = 250.0;

    private const HEAD = 46.0;

    private const ROW = 36.0;

    private const BAR = 20.0;

    /** Room for the figure behind the last bar. */
    private const MARGIN = 64.0;

    private int $first;

    private int $last;

    private function __construct(private Schedule $schedule)
    {
        // What is all behind us is drawn as it went, without the time since.
        $isOpen = array_filter($schedule->steps, fn (Planned $p): bool => ! $p->isDone() && ! $p->isBehind) !== [];
        $days = [...$isOpen ? [$schedule->today] : [], ...$schedule->agreed === null ? [] : [$schedule->agreed]];
        foreach ($schedule->steps as $planned) {
            array_push($days, ...array_filter([$planned->start, $planned->end], is_int(...)));
        }
        $days = $days === [] ? [$schedule->today] : $days;
        $this->first = min($days) - CivilDay::weekday(min($days));
        $this->last = max(max($days) + 1, $this->first + 14);
    }

    public static function of(Schedule $schedule): Drawing
    {
        return (new self($schedule))->drawing();
    }

    private function drawing(): Drawing
    {
        $height = self::HEAD + count($this->schedule->steps) * self::ROW + 8;
        $rows = [];
        foreach ($this->schedule->steps as $i => $planned) {
            array_push($rows, ...$this->row($planned, self::HEAD + $i * self::ROW));
        }

        return new Drawing('The way to the day', Sheet::diagram(self::WIDTH, $height), [
            new Layer('weeks', $this->weeks($height)), new Layer('steps', $rows), new Layer('days', $this->marks($height)),
        ], $this->twin());
    }

    private function x(int $day): float
    {
        return self::NAMES + ($day - $this->first) / ($this->last - $this->first) * (self::WIDTH - self::NAMES - self::MARGIN);
    }

    /** @return list<Element> every week, or so many that their dates do not touch */
    private function weeks(float $height): array
    {
        $every = 7 * max(1, (int) ceil(($this->last - $this->first) / 7 / 9));
        $weeks = [];
        for ($day = $this->first; $day <= $this->last; $day += $every) {
            $weeks[] = new Line($this->x($day), self::HEAD - 10, $this->x($day), $height, ScheduleInk::Week);
            $weeks[] = new Text($this->x($day) + 3, self::HEAD - 14, substr(CivilDay::iso($day), 5), ScheduleInk::Date);
        }

        return $weeks;
    }

    /** @return list<Element> */
    private function row(Planned $planned, float $y): array
    {
        $middle = $y + self::ROW / 2;
        $name = new Text(0, $middle + 5, $planned->isDone() ? $planned->step->done : $planned->step->ask, ScheduleInk::Name);
        if ($planned->isBehind) {
            return [$name, new Text(self::NAMES, $middle + 5, 'not noted', ScheduleInk::Figure)];
        }
        if ($planned->start === null || $planned->end === null) {
            return [$name, new Text($this->x($planned->start ?? $this->schedule->today) + 4, $middle + 5, 'days not known',
                ScheduleInk::Figure)];
        }
        $from = $this->x($planned->start);
        $to = max($from + 6, $this->x($planned->end));
        $ink = match (true) {
            $planned->isDone() => ScheduleInk::Done,
            $planned->decides => ScheduleInk::Deciding,
            default => ScheduleInk::Bar,
        };
        $slackTo = $planned->slack === null ? $to : min($this->x($planned->end + $planned->slack), self::WIDTH - self::MARGIN);
        $isLate = $planned->isLate($this->schedule->today) && $planned->latest !== null;

        return [
            $name, new Rect(new Box($from, $middle - self::BAR / 2, $to - $from, self::BAR), $ink, 3),
            ...$planned->slack > 0 ? [new Line($to, $middle, $slackTo, $middle, ScheduleInk::Slack)] : [],
            ...$isLate ? [new Line($this->x(max($this->first, $planned->latest)), $middle - 14, $this->x(max($this->first,
                $planned->latest)), $middle + 14, ScheduleInk::Late)] : [],
            new Text(max($to, $slackTo) + 6, $middle + 5, $planned->isDone() ? '✓' : substr(CivilDay::iso($planned->end), 5),
                ScheduleInk::Figure),
        ];
    }

    /** @return list<Element> */
    private function marks(float $height): array
    {
        $today = $this->schedule->today > $this->last ? null : $this->x($this->schedule->today);
        $agreed = $this->schedule->agreed === null ? null : $this->x($this->schedule->agreed);

        return [
            ...$today === null ? [] : [
                new Line($today, 18, $today, $height, ScheduleInk::Today), new Text($today + 3, 14, 'today', ScheduleInk::TodayWords),
            ],
            ...$agreed === null ? [] : [
                new Line($agreed, 18, $agreed, $height, ScheduleInk::Agreed),
                new Text($agreed - 3, 14, 'agreed', ScheduleInk::AgreedWords, Anchor::End),
            ],
        ];
    }

    /** @return list<list<string>> */
    private function twin(): array
    {
        $day = fn (?int $day): string => $day === null ? 'not known' : CivilDay::iso($day);

        return [['Step', 'From', 'To', 'May slip', 'Begin by'], ...array_map(fn (Planned $p): array => [
            $p->isDone() ? $p->step->done : $p->step->ask, ...$p->isBehind ? ['not noted', 'not noted'] : [$day($p->start), $day($p->end)],
            $p->slip(),
            $p->latest === null ? '' : $day($p->latest),
        ], $this->schedule->steps)];
    }
}

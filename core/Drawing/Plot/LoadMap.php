<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Measure\Interval\LoadYear;

/** A year as a map: a column for each day, a row for each hour, darker where more was drawn. */
final readonly class LoadMap
{
    private const DAY = 2.6;

    private const HOUR = 11;

    private const LEFT = 52;

    private const TOP = 26;

    private const MOST_DAYS = 366;

    /** hours that are labelled */
    private const LABELLED = [0, 6, 12, 18];

    /** @var list<int> day numbers, one for each column */
    public array $days;

    public int $highest;

    /** @param  int  $back  years before the last one */
    public function __construct(public LoadYear $year, public int $back = 0)
    {
        $last = (int) array_key_last($year->days) - 365 * $back;
        $this->days = range(
            max((int) array_key_first($year->days), $last - self::MOST_DAYS + 1), max($last, (int) array_key_first($year->days)),
        );
        $this->highest = max([1, ...array_map(fn (array $hours): int => (int) max([0, ...$hours]), $year->days)]);
    }

    /** How many years there are to look back to. */
    public function years(): int
    {
        return min(
            6,
            max(1, (int) ceil(((int) array_key_last($this->year->days) - (int) array_key_first($this->year->days) + 1) / self::MOST_DAYS)),
        );
    }

    public function drawing(): Drawing
    {
        $sheet = Sheet::diagram(self::LEFT + count($this->days) * self::DAY + 4, self::TOP + 24 * self::HOUR + 8);

        return new Drawing('Mean power of every hour of a year', $sheet, [
            new Layer('scale', [...array_map($this->hourLabel(...), self::LABELLED), ...$this->months()]),
            new Layer('hours', $this->hours()),
            new Layer('peak', $this->peak()),
        ]);
    }

    /** @return list<float> the least watts of each level */
    public function steps(): array
    {
        $levels = count(MapInk::levels());

        return array_map(fn (int $level): float => $level * $this->highest / $levels, range(0, $levels - 1));
    }

    private function hourLabel(int $hour): Text
    {
        return new Text(self::LEFT - 6, self::TOP + $hour * self::HOUR + 11, sprintf('%02d:00', $hour), MapInk::Words, Anchor::End);
    }

    /** @return list<Element> one path for each level */
    private function hours(): array
    {
        $traces = [];
        foreach ($this->days as $i => $day) {
            $hours = $this->year->days[$day] ?? array_fill(0, 24, null);
            for ($from = 0; $from < 24; $from = $to) {
                $level = $this->level($hours[$from] ?? null);
                for ($to = $from + 1; $to < 24 && $this->level($hours[$to] ?? null) === $level; $to++);
                $traces[$level->value][] = Trace::around(new Box(
                    self::LEFT + $i * self::DAY, self::TOP + $from * self::HOUR, self::DAY, ($to - $from) * self::HOUR,
                ));
            }
        }

        $paths = [];
        foreach ([MapInk::NotRecorded, ...MapInk::levels()] as $level) {
            if (isset($traces[$level->value])) {
                $paths[] = new Path($traces[$level->value], $level);
            }
        }

        return $paths;
    }

    /** @return list<Element> where each month begins, and its name */
    private function months(): array
    {
        $names = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
        $months = [];
        foreach ($this->days as $i => $day) {
            [, $month, $ofMonth] = CivilDay::parts($day);
            if ($ofMonth === 1) {
                $x = self::LEFT + $i * self::DAY;
                array_push(
                    $months, new Text($x, 16, $names[$month - 1], MapInk::Words), new Line($x, 20, $x, self::TOP, MapInk::Month),
                );
            }
        }

        return $months;
    }

    /** @return list<Element> a ring around the hour of the peak, when it lies in this year */
    private function peak(): array
    {
        $local = $this->year->peakAt + $this->year->zone->offsetAt($this->year->peakAt)[0];
        $i = array_search(intdiv($local, 86_400), $this->days, true);

        return $i === false ? [] : [new Circle(
            self::LEFT + ($i + 0.5) * self::DAY, self::TOP + (intdiv($local % 86_400, 3600) + 0.5) * self::HOUR, 9, MapInk::Peak,
        )];
    }

    /**
     * The same by month, for reading aloud.
     *
     * @return list<array{month: string, mean: float, highest: int, hours: int}>
     */
    public function table(): array
    {
        $rows = [];
        foreach ($this->days as $day) {
            $month = substr(CivilDay::iso($day), 0, 7);
            $rows[$month] ??= ['month' => $month, 'sum' => 0, 'highest' => 0, 'hours' => 0];
            foreach ($this->year->days[$day] ?? [] as $watts) {
                if ($watts !== null) {
                    $rows[$month]['sum'] += $watts;
                    $rows[$month]['hours']++;
                    $rows[$month]['highest'] = max($rows[$month]['highest'], $watts);
                }
            }
        }

        return array_values(
            array_map(
                fn (array $r): array => [
                    'month' => $r['month'], 'mean' => $r['sum'] / max(1, $r['hours']), 'highest' => $r['highest'], 'hours' => $r['hours'],
                ],
                $rows,
            )
        );
    }

    private function level(?int $watts): MapInk
    {
        $levels = MapInk::levels();

        return $watts === null
            ? MapInk::NotRecorded
            : $levels[max(0, min(count($levels) - 1, intdiv(count($levels) * $watts, $this->highest)))];
    }
}

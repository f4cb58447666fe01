<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Say;

/** A whole recording as two bands, each from the least to the highest of its moment. Readings are added one by one. */
final class RecordingPlot
{
    private const WIDTH = 900;

    private const HEIGHT = 260;

    private const LEFT = 50;

    private const RIGHT = 4;

    private const TOP = 22;

    private const BOTTOM = 22;

    /** width of a letter of the words, in the units of the drawing */
    private const LETTER = 7.4;

    /** Less than this between least and highest is one line. */
    private const THIN_A = 0.05;

    private readonly int $to;

    private float $most;

    /** @var array<int, array{float, float, float, float}> least and highest of leg A, then of leg B, by the place of the column */
    private array $columns = [];

    public function __construct(private readonly int $from, int $to, float $atLeastAmps)
    {
        $this->to = max($from + 1000, $to);
        $this->most = $atLeastAmps;
    }

    public function add(Reading $reading): void
    {
        $x = (int) $this->x($reading->atMs);
        $column = $this->columns[$x] ?? null;
        if ($column === null) {
            $column = [$reading->aAmps, $reading->aAmps, $reading->bAmps, $reading->bAmps];
        } elseif ($reading->aAmps >= $column[0]
            && $reading->aAmps <= $column[1]
            && $reading->bAmps >= $column[2]
            && $reading->bAmps <= $column[3]) {
            return;
        }
        $this->columns[$x] = [
            min($column[0], $reading->aAmps), max($column[1], $reading->aAmps), min($column[2], $reading->bAmps),
            max($column[3], $reading->bAmps),
        ];
        $this->most = max($this->most, $reading->aAmps, $reading->bAmps);
    }

    /**
     * @param  list<Mark>  $marks  in the order of time
     * @param  array<string, string>  $circuits  names by id
     */
    public function drawing(array $marks, array $circuits): Drawing
    {
        $bands = [];
        if ($this->columns !== []) {
            $bands = [
                $this->band(array_map(fn (array $column): array => [$column[0], $column[1]], $this->columns), PlotInk::LegA),
                $this->band(array_map(fn (array $column): array => [$column[2], $column[3]], $this->columns), PlotInk::LegB),
            ];
        }

        return new Drawing('Both legs over the recording', Sheet::diagram(self::WIDTH, self::HEIGHT), [
            new Layer('grid', array_merge(...array_map($this->gridLine(...), $this->ticks()))),
            new Layer('marks', array_merge([], ...$this->marks($marks, $circuits))),
            new Layer('legs', $bands),
            new Layer('time', [
                new Text(self::LEFT, self::HEIGHT - 4, Say::clock($this->from), PlotInk::Words),
                new Text(self::WIDTH - 4, self::HEIGHT - 4, Say::clock($this->to), PlotInk::Words, Anchor::End),
            ]),
        ]);
    }

    /** Amperes at the top. */
    private function highest(): float
    {
        return 1.1 * $this->most;
    }

    private function x(int $ms): float
    {
        return round(self::LEFT + ($ms - $this->from) / ($this->to - $this->from) * (self::WIDTH - self::LEFT - self::RIGHT), 1);
    }

    private function y(float $amps): float
    {
        return round(self::TOP + (1 - $amps / $this->highest()) * (self::HEIGHT - self::TOP - self::BOTTOM), 1);
    }

    /** @return list<Element> */
    private function gridLine(float $amps): array
    {
        $y = $this->y($amps);

        return [
            new Line(self::LEFT, $y, self::WIDTH, $y, PlotInk::Grid),
            new Text(self::LEFT - 6, $y + 5, "$amps A", PlotInk::Words, Anchor::End),
        ];
    }

    /**
     * Where each mark stands, and as much of its words as fit before the next.
     *
     * @param  list<Mark>  $marks  in the order of time
     * @param  array<string, string>  $circuits  names by id
     * @return list<list<Element>>
     */
    private function marks(array $marks, array $circuits): array
    {
        $drawn = [];
        foreach ($marks as $i => $mark) {
            $x = $this->x($mark->atMs);
            $next = isset($marks[$i + 1]) ? $this->x($marks[$i + 1]->atMs) : self::WIDTH;
            $letters = (int) floor(($next - $x - 14) / self::LETTER);
            $words = $mark->circuitId === null ? $mark->said : $circuits[$mark->circuitId] ?? $mark->said;
            $drawn[] = [
                new Line($x, 4, $x, self::HEIGHT - self::BOTTOM, PlotInk::Mark),
                new Text($x + 4, 14, match (true) {
                    mb_strlen($words) <= $letters => $words,
                    $letters > 3 => rtrim(mb_substr($words, 0, $letters - 1)).'…',
                    default => '',
                }, PlotInk::Words),
            ];
        }

        return $drawn;
    }

    /** @return non-empty-list<float> amperes to label */
    private function ticks(): array
    {
        $step = 1.0;
        foreach ([2, 5, 10, 20, 50, 100, 200] as $each) {
            $step = $this->highest() / $step > 5 ? (float) $each : $step;
        }

        return array_map(fn (int $i): float => $i * $step, range(0, (int) floor($this->highest() / $step)));
    }

    /** @param  array<int, array{float, float}>  $columns */
    private function band(array $columns, PlotInk $ink): Path
    {
        $points = [];
        foreach ($columns as $x => [$low, $high]) {
            $points[] = new Point($x, $this->y($high));
            if ($high - $low > self::THIN_A) {
                $points[] = new Point($x, $this->y($low));
            }
        }

        return new Path([Trace::open($points)], $ink);
    }
}

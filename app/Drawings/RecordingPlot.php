<?php

declare(strict_types=1);

namespace App\Drawings;

use Underpin\Measure\Mark;
use Underpin\Measure\Reading;

/** A whole recording as two bands, each from the least to the highest of its moment. Readings are added one by one. */
final class RecordingPlot
{
    public const WIDTH = 900;

    public const HEIGHT = 260;

    public const LEFT = 50;

    public const TOP = 22;

    /** width of a letter of the smaller text, in the units of the drawing */
    private const LETTER = 7.4;

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

    /** Amperes at the top. */
    public function highest(): float
    {
        return 1.1 * $this->most;
    }

    public function x(int $ms): float
    {
        return round(self::LEFT + ($ms - $this->from) / ($this->to - $this->from) * (self::WIDTH - self::LEFT - 4), 1);
    }

    public function y(float $amps): float
    {
        return round(self::TOP + (1 - $amps / $this->highest()) * (self::HEIGHT - self::TOP - 22), 1);
    }

    public function bandA(): string
    {
        return $this->band(array_map(fn (array $column): array => [$column[0], $column[1]], $this->columns));
    }

    public function bandB(): string
    {
        return $this->band(array_map(fn (array $column): array => [$column[2], $column[3]], $this->columns));
    }

    /**
     * Where each mark stands, and as much of its words as fit before the next.
     *
     * @param  list<Mark>  $marks  in the order of time
     * @param  array<string, string>  $circuits  names by id
     * @return list<array{x: float, words: string}>
     */
    public function marks(array $marks, array $circuits): array
    {
        $lines = [];
        foreach ($marks as $i => $mark) {
            $next = isset($marks[$i + 1]) ? $this->x($marks[$i + 1]->atMs) : self::WIDTH;
            $letters = (int) floor(($next - $this->x($mark->atMs) - 14) / self::LETTER);
            $words = $mark->circuitId === null ? $mark->said : $circuits[$mark->circuitId] ?? $mark->said;
            $lines[] = ['x' => $this->x($mark->atMs), 'words' => match (true) {
                mb_strlen($words) <= $letters => $words,
                $letters > 3 => rtrim(mb_substr($words, 0, $letters - 1)).'…',
                default => '',
            }];
        }

        return $lines;
    }

    /** @return list<float> amperes to label */
    public function ticks(): array
    {
        $step = 1.0;
        foreach ([2, 5, 10, 20, 50, 100, 200] as $each) {
            $step = $this->highest() / $step > 5 ? (float) $each : $step;
        }

        return array_map(fn (int $i): float => $i * $step, range(0, (int) floor($this->highest() / $step)));
    }

    /** @param  array<int, array{float, float}>  $columns */
    private function band(array $columns): string
    {
        $path = '';
        foreach ($columns as $x => [$low, $high]) {
            $path .= ($path === '' ? 'M' : 'L')."$x {$this->y($high)}".($high - $low > 0.05 ? "L$x {$this->y($low)}" : '');
        }

        return $path;
    }
}

<?php

declare(strict_types=1);

namespace App\Drawings;

use Underpin\Loads\Measure\Mark;
use Underpin\Loads\Measure\Reading;

/** A whole recording as two bands, each from the least to the highest of its moment. */
final readonly class RecordingPlot
{
    public const WIDTH = 900;

    public const HEIGHT = 260;

    public const LEFT = 50;

    public const TOP = 22;

    /** width of a letter of the smaller text, in the units of the drawing */
    private const LETTER = 7.4;

    public float $highest;

    private int $from;

    private int $to;

    /** @param  non-empty-list<Reading>  $readings */
    public function __construct(private array $readings, float $atLeastA)
    {
        $this->from = $readings[0]->atMs;
        $this->to = max($this->from + 1000, $readings[count($readings) - 1]->atMs);
        $this->highest = 1.1 * max($atLeastA, ...array_map(fn (Reading $r): float => max($r->aAmps, $r->bAmps), $readings));
    }

    public function x(int $ms): float
    {
        return round(self::LEFT + ($ms - $this->from) / ($this->to - $this->from) * (self::WIDTH - self::LEFT - 4), 1);
    }

    public function y(float $amps): float
    {
        return round(self::TOP + (1 - $amps / $this->highest) * (self::HEIGHT - self::TOP - 22), 1);
    }

    /** @param  callable(Reading): float  $leg */
    public function band(callable $leg): string
    {
        $columns = [];
        foreach ($this->readings as $reading) {
            $x = (int) $this->x($reading->atMs);
            $amps = $leg($reading);
            $columns[$x] = isset($columns[$x]) ? [min($columns[$x][0], $amps), max($columns[$x][1], $amps)] : [$amps, $amps];
        }
        $path = '';
        foreach ($columns as $x => [$low, $high]) {
            $path .= ($path === '' ? 'M' : 'L')."$x {$this->y($high)}".($high - $low > 0.05 ? "L$x {$this->y($low)}" : '');
        }

        return $path;
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
            $step = $this->highest / $step > 5 ? (float) $each : $step;
        }

        return array_map(fn (int $i): float => $i * $step, range(0, (int) floor($this->highest / $step)));
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Refused;

/** All that an outage was, change by change: amperes of both legs, fuel, and every circuit. */
final class Trace
{
    /** @var list<float> */
    private array $atS = [];

    /** @var list<float> */
    private array $a = [];

    /** @var list<float> */
    private array $b = [];

    /** @var list<float> fuel that is left, in the tank and beside it */
    private array $fuel = [];

    /** Changes that fit into the memory of a page. */
    private const MOST_CHANGES = 600_000;

    /** @var array<int, list<float>> when each circuit changed, by its place */
    private array $changedS;

    /** @var array<int, array<int, int>> to what, as the value of a state: a list of numbers takes a tenth of a list of pairs */
    private array $states;

    /** @param  int  $most  changes that it takes */
    public function __construct(int $circuits, private readonly int $most = self::MOST_CHANGES)
    {
        $this->changedS = $circuits === 0 ? [] : array_fill(0, $circuits, [0.0]);
        $this->states = $circuits === 0 ? [] : array_fill(0, $circuits, [CircuitState::Dead->value]);
    }

    /** @throws Refused on hours: there are more changes than can be kept */
    public function legs(float $atS, float $a, float $b, float $fuel): void
    {
        if (count($this->atS) >= $this->most) {
            throw new Refused('hours', sprintf(
                'Lasts: that makes more than %s changes, after %s h already. Act out fewer hours.', number_format($this->most),
                number_format($atS / 3600),
            ));
        }
        $this->atS[] = $atS;
        $this->a[] = $a;
        $this->b[] = $b;
        $this->fuel[] = $fuel;
    }

    public function circuit(float $atS, int $circuit, CircuitState $state): void
    {
        $last = count($this->states[$circuit]) - 1;
        if ($this->changedS[$circuit][$last] === $atS) {
            $this->states[$circuit][$last] = $state->value;
        } elseif ($this->states[$circuit][$last] !== $state->value) {
            $this->changedS[$circuit][] = $atS;
            $this->states[$circuit][] = $state->value;
        }
    }

    public function changes(): int
    {
        return count($this->atS);
    }

    /** @return array{float, float, float} amperes on A and B, and fuel, at a second of it */
    public function at(float $atS): array
    {
        $place = $this->placeOf($atS);

        return $place < 0 ? [0.0, 0.0, $this->fuel[0] ?? 0.0] : [$this->a[$place], $this->b[$place], $this->fuel[$place]];
    }

    /** @return array{float, float} seconds that a circuit had no power until then: all together, and the longest at a time */
    public function deadS(int $circuit, float $untilS): array
    {
        $all = $longest = 0.0;
        foreach ($this->states[$circuit] as $i => $state) {
            $gap = $state === CircuitState::Dead->value
                ? min($this->changedS[$circuit][$i + 1] ?? $untilS, $untilS) - $this->changedS[$circuit][$i] : 0.0;
            $all += $gap;
            $longest = max($longest, $gap);
        }

        return [$all, $longest];
    }

    /** @return list<CircuitState> of every circuit at a second of it */
    public function circuitsAt(float $atS): array
    {
        return array_map(
            fn (array $changed, array $states): CircuitState => CircuitState::from($states[max(0, self::last($changed, $atS))]),
            $this->changedS, $this->states,
        );
    }

    /**
     * As much of it as a picture can show: for each of so many equal parts of a span the lowest and the highest of both legs and the fuel
     * at its end; with few changes in the span, the changes themselves.
     *
     * @return array{at: list<float>, a: list<float>, b: list<float>, aLow: list<float>, bLow: list<float>, fuel: list<float>}
     */
    public function seen(float $fromS, float $toS, int $parts): array
    {
        $first = max(0, $this->placeOf($fromS));
        $last = $this->placeOf($toS);
        if ($last - $first < $parts * 2) {
            return $this->changesBetween($first, $last, $fromS, $toS);
        }
        $seen = ['at' => [], 'a' => [], 'b' => [], 'aLow' => [], 'bLow' => [], 'fuel' => []];
        $place = $first;
        for ($part = 0; $part < $parts; $part++) {
            $until = $fromS + ($toS - $fromS) * ($part + 1) / $parts;
            $aLow = $aHigh = $this->a[$place];
            $bLow = $bHigh = $this->b[$place];
            while ($place < $last && $this->atS[$place + 1] < $until) {
                $place++;
                $aLow = min($aLow, $this->a[$place]);
                $aHigh = max($aHigh, $this->a[$place]);
                $bLow = min($bLow, $this->b[$place]);
                $bHigh = max($bHigh, $this->b[$place]);
            }
            $seen['at'][] = $fromS + ($toS - $fromS) * $part / $parts;
            $seen['a'][] = $aHigh;
            $seen['b'][] = $bHigh;
            $seen['aLow'][] = $aLow;
            $seen['bLow'][] = $bLow;
            $seen['fuel'][] = $this->fuel[$place];
        }

        return $seen;
    }

    /**
     * How much of each of so many equal parts of a span each circuit ran: 0 dead, 1 live, 2 to 9 more and more of the time.
     *
     * @return list<string> a digit for each part, by place of the circuit
     */
    public function bars(float $fromS, float $toS, int $parts): array
    {
        return array_map(
            fn (array $changed, array $states): string => self::bar($changed, $states, $fromS, $toS, $parts),
            $this->changedS, $this->states,
        );
    }

    /**
     * @param  list<float>  $changed
     * @param  array<int, int>  $states
     */
    private static function bar(array $changed, array $states, float $fromS, float $toS, int $parts): string
    {
        $ran = array_fill(0, $parts, 0.0);
        $live = array_fill(0, $parts, 0.0);
        $length = ($toS - $fromS) / $parts;
        foreach ($states as $i => $state) {
            $from = max($changed[$i], $fromS);
            $to = min($changed[$i + 1] ?? INF, $toS);
            if ($state === CircuitState::Dead->value || $to <= $from) {
                continue;
            }
            $first = min($parts - 1, (int) (($from - $fromS) / $length));
            $last = min($parts - 1, (int) (($to - $fromS) / $length));
            for ($part = $first; $part <= $last; $part++) {
                $share = (min($to, $fromS + ($part + 1) * $length) - max($from, $fromS + $part * $length)) / $length;
                $live[$part] += $share;
                $ran[$part] += $state === CircuitState::Waits->value ? 0.0 : $share;
            }
        }

        return implode('', array_map(
            fn (float $ran, float $live): int => $ran > 0 ? 2 + (int) round(7 * min(1.0, $ran)) : ($live > 0.5 ? 1 : 0), $ran, $live,
        ));
    }

    /** @return array{at: list<float>, a: list<float>, b: list<float>, aLow: list<float>, bLow: list<float>, fuel: list<float>} */
    private function changesBetween(int $first, int $last, float $fromS, float $toS): array
    {
        $count = max(0, $last - $first + 1);
        $at = array_slice($this->atS, $first, $count);
        $a = array_slice($this->a, $first, $count);
        $b = array_slice($this->b, $first, $count);
        $fuel = array_slice($this->fuel, $first, $count);
        if ($at !== []) {
            $at[0] = max($at[0], $fromS);
            $at[] = $toS;
            $a[] = $a[$count - 1];
            $b[] = $b[$count - 1];
            $fuel[] = $fuel[$count - 1];
        }

        return ['at' => $at, 'a' => $a, 'b' => $b, 'aLow' => $a, 'bLow' => $b, 'fuel' => $fuel];
    }

    /** Place of the last change of the legs at or before a second; -1: there is none. */
    private function placeOf(float $atS): int
    {
        return self::last($this->atS, $atS);
    }

    /** @param  list<float>  $times  rising */
    private static function last(array $times, float $atS): int
    {
        $low = -1;
        $high = count($times) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $times[$middle] <= $atS ? [$middle, $high] : [$low, $middle - 1];
        }

        return $low;
    }
}

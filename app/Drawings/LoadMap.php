<?php

declare(strict_types=1);

namespace App\Drawings;

use Underpin\Measure\Interval\CivilDay;
use Underpin\Measure\Interval\LoadYear;

/** A year as a map: a column for each day, a row for each hour, darker where more was drawn. */
final readonly class LoadMap
{
    public const LEVELS = 8;

    public const DAY = 2.6;

    public const HOUR = 11;

    public const LEFT = 52;

    public const TOP = 26;

    private const MOST_DAYS = 366;

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

    public function width(): float
    {
        return self::LEFT + count($this->days) * self::DAY + 4;
    }

    public function height(): float
    {
        return self::TOP + 24 * self::HOUR + 8;
    }

    /** @return array<int, string> one path for each level; level -1 for what was not recorded */
    public function paths(): array
    {
        $paths = array_fill(-1, self::LEVELS + 1, '');
        foreach ($this->days as $i => $day) {
            $hours = $this->year->days[$day] ?? array_fill(0, 24, null);
            for ($from = 0; $from < 24; $from = $to) {
                $level = $this->level($hours[$from] ?? null);
                for ($to = $from + 1; $to < 24 && $this->level($hours[$to] ?? null) === $level; $to++);
                $paths[$level] .= sprintf(
                    'M%.1f %dh%.1fv%dh-%.1fz', self::LEFT + $i * self::DAY, self::TOP + $from * self::HOUR, self::DAY,
                    ($to - $from) * self::HOUR, self::DAY,
                );
            }
        }

        return $paths;
    }

    /** @return list<array{float, string}> where each month begins, and its name */
    public function months(): array
    {
        $names = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
        $months = [];
        foreach ($this->days as $i => $day) {
            [, $month, $ofMonth] = CivilDay::parts($day);
            if ($ofMonth === 1) {
                $months[] = [self::LEFT + $i * self::DAY, $names[$month - 1]];
            }
        }

        return $months;
    }

    /** @return ?array{float, float} the middle of the peak's hour, when it lies in this year */
    public function peak(): ?array
    {
        $local = $this->year->peakAt + $this->year->zone->offsetAt($this->year->peakAt)[0];
        $i = array_search(intdiv($local, 86_400), $this->days, true);

        return $i === false ? null : [self::LEFT + ($i + 0.5) * self::DAY, self::TOP + (intdiv($local % 86_400, 3600) + 0.5) * self::HOUR];
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

    private function level(?int $watts): int
    {
        return $watts === null ? -1 : max(0, min(self::LEVELS - 1, intdiv(self::LEVELS * $watts, $this->highest)));
    }
}

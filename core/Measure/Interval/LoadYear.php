<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Job\RecordedPeak;

/** What the utility's meter recorded: a year, or as much as there is. Mean watts (or volt-amperes) by hour. */
final readonly class LoadYear
{
    /**
     * @param  int  $seconds  length of an interval
     * @param  int  $from  first moment, seconds since 1970 UTC
     * @param  int  $to  last moment
     * @param  int  $missing  intervals that are not there
     * @param  int  $doubles  values that stood there already
     * @param  int  $contradictions  doubles with another value; the higher counts
     * @param  int  $blanks  rows without a value
     * @param  int  $daylightDoubles  values of the hour that stands twice when clocks go back
     * @param  int  $negatives  values below 0: power was sent out
     * @param  float  $peakW  highest quarter-hour mean, or highest value of longer intervals
     * @param  int  $peakAt  when it began
     * @param  array<int, array<int, ?int>>  $days  by day number: mean watts of its 24 hours, null where nothing was recorded
     * @param  list<Week>  $weeks  the five with the most energy
     * @param  list<Gap>  $gaps  the first fifty
     * @param  list<string>  $notes
     */
    public function __construct(
        public Zone $zone,
        public int $seconds,
        public int $from,
        public int $to,
        public int $count,
        public int $missing,
        public int $doubles,
        public int $contradictions,
        public int $blanks,
        public int $daylightDoubles,
        public int $negatives,
        public float $peakW,
        public int $peakAt,
        public float $kwh,
        public bool $isVa,
        public array $days,
        public array $weeks,
        public array $gaps,
        public int $gapCount,
        public array $notes,
    ) {
    }

    public function spanDays(): float
    {
        return ($this->to - $this->from) / 86_400;
    }

    /** Local date and time: "2026-01-14 18:15". */
    public function local(int $epoch): string
    {
        $local = $epoch + $this->zone->offsetAt($epoch)[0];

        return CivilDay::iso(intdiv($local, 86_400)).sprintf(' %02d:%02d', intdiv($local % 86_400, 3600), intdiv($local % 3600, 60));
    }

    public function recorded(string $file): RecordedPeak
    {
        return new RecordedPeak(
            $this->peakW, $this->local($this->peakAt), $this->spanDays(), $this->seconds, $this->missing, $this->negatives > 0,
            $this->isVa, $file,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'zone' => $this->zone->value, 'seconds' => $this->seconds, 'from' => $this->from, 'to' => $this->to, 'count' => $this->count,
            'missing' => $this->missing,
            'doubles' => $this->doubles, 'contradictions' => $this->contradictions, 'blanks' => $this->blanks,
            'daylightDoubles' => $this->daylightDoubles,
            'negatives' => $this->negatives, 'peakW' => $this->peakW, 'peakAt' => $this->peakAt, 'kwh' => $this->kwh,
            'isVa' => $this->isVa, 'days' => $this->days,
            'weeks' => array_map(fn (Week $w): array => [$w->monday, $w->kwh], $this->weeks),
            'gaps' => array_map(fn (Gap $g): array => [$g->from, $g->missing], $this->gaps), 'gapCount' => $this->gapCount,
            'notes' => $this->notes,
        ];
    }

    /** @param  array<string, mixed>  $data as toArray() gave it */
    public static function fromArray(array $data): self
    {
        /**
         * @var array{
         *     zone: string, seconds: int, from: int, to: int, count: int, missing: int, doubles: int, contradictions: int, blanks: int,
         *     daylightDoubles: int, negatives: int, peakW: float|int, peakAt: int, kwh: float|int, isVa: bool,
         *     days: array<int, array<int, ?int>>, weeks: list<array{string, float|int}>, gaps: list<array{int, int}>, gapCount: int,
         *     notes: list<string>,
         * } $data
         */
        return new self(...[
            ...$data,
            'zone' => Zone::from($data['zone']),
            'peakW' => (float) $data['peakW'],
            'kwh' => (float) $data['kwh'],
            'weeks' => array_map(fn (array $w): Week => new Week($w[0], (float) $w[1]), $data['weeks']),
            'gaps' => array_map(fn (array $g): Gap => new Gap($g[0], $g[1]), $data['gaps']),
        ]);
    }
}

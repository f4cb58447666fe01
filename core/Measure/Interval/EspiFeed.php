<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Measure\ServiceLimit;
use Underpin\Refused;

/**
 * Puts together what an ESPI feed says in pieces: blocks of readings, what they are readings of,
 * and the type of those. NAESB REQ.21.
 */
final class EspiFeed
{
    /** unit code => its words, whether it is energy, whether it is apparent */
    private const UNITS = [
        38 => ['W', false, false], 72 => ['Wh', true, false], 61 => ['VA', false, true], 71 => ['VAh', true, true],
    ];

    private const REVERSE = 19;

    private const MOST_PARTS = 1000;

    /** @var array<string, IntervalSeries> by the address of the meter reading */
    private array $blocks = [];

    /** @var array<string, int> length of the intervals */
    private array $lengths = [];

    /** @var array<string, array{multiplier: int, unit: int, flow: int}> by address */
    private array $types = [];

    /** @var array<string, list<string>> addresses that a meter reading names */
    private array $related = [];

    private int $count = 0;

    private ?IntervalSeries $at = null;

    private string $atKey = '';

    private ?int $length = null;

    private int $offset = 0;

    private bool $offsetGiven = false;

    /** Readings that follow belong to this meter reading. */
    public function block(string $meterReading): void
    {
        self::guard($this->blocks);
        $this->atKey = $meterReading;
        $this->at = $this->blocks[$meterReading] ??= new IntervalSeries;
        $this->length = $this->lengths[$meterReading] ?? null;
    }

    /** @throws Refused on "file", without the line, which the feed does not know */
    public function reading(int $start, int $duration, float $value): void
    {
        if ($this->at === null) {
            $this->block('');
        }
        if ($duration !== $this->length) {
            if ($this->length !== null) {
                throw new Refused(
                    'file', sprintf('a value of %s minutes among values of %s', round($duration / 60, 1), round($this->length / 60, 1)),
                );
            }
            $this->lengths[$this->atKey] = $this->length = $duration;
        }
        if ($start < 0 || $start > 7_000_000_000) {
            throw new Refused('file', 'a start that is no time since 1970');
        }
        if (++$this->count > IntervalSeries::MOST_READINGS) {
            throw self::tooMany();
        }
        $this->at?->add($start, $value);
    }

    public function readings(): int
    {
        return $this->count;
    }

    public function type(string $address, int $multiplier, int $unit, int $flow): void
    {
        self::guard($this->types);
        $this->types[$address] = ['multiplier' => $multiplier, 'unit' => $unit, 'flow' => $flow];
    }

    /** @param  list<string>  $related addresses */
    public function meterReading(string $address, array $related): void
    {
        self::guard($this->related);
        $this->related[$address] = $related;
    }

    /** Standard time's distance from UTC, as the feed says it. */
    public function localTime(int $seconds): void
    {
        $this->offset = $seconds;
        $this->offsetGiven = true;
    }

    /** @throws Refused on "file" when there is nothing in it that can be used */
    public function finish(Zone $zone, ServiceLimit $limit = new ServiceLimit): LoadYear
    {
        $best = null;
        $left = [];
        foreach ($this->blocks as $address => $series) {
            $type = $this->typeOf((string) $address);
            [$words, $isEnergy, $isVa] = self::UNITS[$type['unit']] ?? [null, false, false];
            if ($words === null) {
                $left[] = "unit code {$type['unit']}";
            } elseif ($type['flow'] === self::REVERSE) {
                $left[] = 'power sent out';
            } elseif ($best === null || $series->count() > $best[0]->count()) {
                if ($best !== null) {
                    $left[] = 'a second series of '.number_format($best[0]->count()).' values';
                }
                $best = [$series, $type['multiplier'], $isEnergy, $isVa, $this->lengths[$address] ?? null];
            } else {
                $left[] = 'a second series of '.number_format($series->count()).' values';
            }
        }
        if ($best === null) {
            throw new Refused('file', $this->blocks === []
                ? 'The file holds no interval readings.'
                : 'The file holds no readings of power or energy that were taken in: '.implode(', ', array_unique($left))
                    .'. Unit codes 72 (Wh), 38 (W), 71 (VAh) and 61 (VA) can be read.');
        }
        [$series, $multiplier, $isEnergy, $isVa, $length] = $best;
        if ($left !== []) {
            $series->note('Not used: '.implode(', ', array_unique($left)).'.');
        }
        if ($this->offsetGiven && $this->offset !== $zone->standardS()) {
            $series->note(sprintf('The file names a time zone %g hours from UTC; you chose %s.', $this->offset / 3600, $zone->words()));
        }

        return $series->picture($zone, $length, 10 ** $multiplier, $isEnergy, $isVa, $limit);
    }

    /** @param  array<mixed>  $parts */
    private static function guard(array $parts): void
    {
        if (count($parts) > self::MOST_PARTS) {
            throw new Refused(
                'file', sprintf('The file describes more than %s meters. Bring in one meter at a time.', number_format(self::MOST_PARTS)),
            );
        }
    }

    public static function tooMany(): Refused
    {
        return new Refused(
            'file',
            sprintf(
                'The file holds more than %s readings. Bring in at most five years of five-minute values.',
                number_format(IntervalSeries::MOST_READINGS),
            ),
        );
    }

    /** @return array{multiplier: int, unit: int, flow: int} */
    private function typeOf(string $meterReading): array
    {
        foreach ($this->related[$meterReading] ?? [] as $address) {
            if (isset($this->types[$address])) {
                return $this->types[$address];
            }
        }
        if (count($this->types) !== 1) {
            throw new Refused('file', $this->types === []
                ? 'The file does not say the unit of its readings: it has no ReadingType.'
                : 'The file has several reading types and does not say which one its readings are of.');
        }

        return array_values($this->types)[0];
    }
}

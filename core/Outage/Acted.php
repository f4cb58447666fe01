<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Design\Design;
use Underpin\Job\Fuel;
use Underpin\Outage\House\House;
use Underpin\Outage\Simulation\ActedOutage;
use Underpin\Outage\Simulation\Moment;
use Underpin\Outage\Simulation\MomentKind;
use Underpin\Outage\Simulation\OutageResult;
use Underpin\Outage\Simulation\Trace;
use Underpin\Say;

/** One trial put to one outage: the house, what came of it, and every change. */
final readonly class Acted
{
    private const HOUR_S = 3600.0;

    /** Parts into which a span is cut for a picture: more than there are dots. */
    private const PARTS = 1_000;

    /** Part of the time without power that a start and the filling of a tank take anyway. */
    private const LITTLE = 0.1;

    private function __construct(public House $house, public OutageResult $result, public Trace $trace)
    {
    }

    /** Null: nothing that must run can be fed. */
    public static function of(Design $design, Scenario $scenario, Trial $trial): ?self
    {
        $house = House::of($design, $scenario, $trial);
        if ($house === null) {
            return null;
        }
        $trace = new Trace(count($house->circuits));

        return new self($house, ActedOutage::of($house, $trace), $trace);
    }

    /** What to say of it first. */
    public function headline(): string
    {
        $length = self::hours($this->result->seconds);
        $trip = $this->first(MomentKind::Trip);
        $dry = $this->first(MomentKind::Dry);

        return implode(' ', array_filter([
            match (true) {
                $this->result->firstOnS === null => "Dark for all of the $length: nobody is there to start it.",
                $trip !== null => sprintf(
                    '%s in %s, the first after %s. %s', ucfirst(Say::count($this->result->overloads(), 'overload')), $length,
                    self::hours($trip->atS), $trip->words,
                ),
                $dry !== null => sprintf(
                    'No overload, but without power for %s of %s. After %s: %s', self::hours($this->result->downS), $length,
                    self::hours($dry->atS), lcfirst($dry->words),
                ),
                $this->isLongWithout() => sprintf(
                    'No overload, but without power for %s of %s: to start, to fill, or with nobody there.',
                    self::hours($this->result->downS), $length,
                ),
                default => "No overload in these $length.",
            },
            ...$this->medicalGaps(), ...$this->doubts(),
        ]));
    }

    /** @return list<string> what is not fed, and what nobody knows: without it, no overload says little */
    public function doubts(): array
    {
        return array_values(array_filter([
            $this->house->unfed === [] ? '' : sprintf(
                'It does not feed %s: %s dead.', Say::list($this->house->unfed, 4),
                count($this->house->unfed) === 1 ? 'that stays' : 'they stay',
            ),
            $this->house->unknown === [] ? '' : sprintf(
                'Not counted, since it is not known: watts or starts of %s.', Say::list($this->house->unknown, 4),
            ),
            $this->fuelIsUnknown() ? 'What it burns or holds is not known: whether the fuel lasts is not judged.' : '',
        ]));
    }

    /** @return list<string> what keeps somebody alive and has no power for longer than it bridges; where that is not known: at all */
    public function medicalGaps(): array
    {
        $gaps = [];
        foreach ($this->house->circuits as $place => $circuit) {
            [$all, $longest] = $circuit->isMedical ? $this->trace->deadS($place, $this->result->seconds) : [0.0, 0.0];
            if ($longest > ($circuit->bridgeMin ?? 0.0) * 60) {
                $gaps[] = sprintf(
                    '%s has no power for %s, up to %s at a time; %s.', $circuit->title, self::hours($all), self::hours($longest),
                    $circuit->bridgeMin === null ? 'what it bridges by itself is not known' : sprintf(
                        'its own battery or cylinder bridges %s', self::hours($circuit->bridgeMin * 60),
                    ),
                );
            }
        }

        return $gaps;
    }

    /** The finding tone it is shown in. */
    public function tone(): string
    {
        return match (true) {
            $this->medicalGaps() !== [], $this->house->unfed !== [],
            $this->result->overloads() > 0, $this->result->firstOnS === null => 'danger',
            $this->first(MomentKind::Dry) !== null, $this->isLongWithout() => 'wrong',
            $this->doubts() !== [] => 'advice',
            default => 'good',
        };
    }

    /** Gas by the pipe has no end that is told here; of everything else the end must be known to be judged. */
    private function fuelIsUnknown(): bool
    {
        return $this->house->tank === null || $this->house->tank->holds === null && $this->house->supply->fuel !== Fuel::NaturalGas;
    }

    private function isLongWithout(): bool
    {
        return $this->result->downS > self::LITTLE * $this->result->seconds;
    }

    /** In which its fuel is counted. */
    public function unit(): string
    {
        return match ($this->house->supply->fuel) {
            Fuel::NaturalGas => 'ft³',
            Fuel::Stored => 'Wh',
            Fuel::Gasoline, Fuel::Propane, Fuel::Diesel => 'gal',
        };
    }

    /** Why it is not told what is left. */
    public function leftUnknown(): string
    {
        return $this->house->tank === null || $this->house->supply->fuel !== Fuel::NaturalGas ? 'not known' : 'by the pipe';
    }

    /** What the figures rest on. */
    public function restsOn(): string
    {
        $weather = $this->house->weather;

        return sprintf(
            'An outage made up, not a forecast: %s °F on average, %s. Loads run as was said of them, else as their kind usually does; '
                .'breakers, stalls and idle mode act by good practice. The manual of the machine and the real house come first.',
            Say::figure(round($weather->meanF)), $weather->isOfSite ? 'from the extremes of the survey'
                : 'a usual '.$this->house->scenario->season->value.', since the survey does not say',
        );
    }

    /**
     * What a picture of a span needs: both legs and the fuel, and how much of each part of it each circuit ran.
     *
     * @return array<string, mixed>
     */
    public function picture(float $fromS, float $toS, bool $withBars): array
    {
        $seen = $this->trace->seen($fromS, $toS, self::PARTS);
        $short = fn (int $digits, float ...$values): array => array_map(
            fn (float $value): float => round($value, $digits), array_values($values),
        );
        $supply = $this->house->supply;
        $tank = $this->house->tank;

        return [
            'at' => $short(2, ...$seen['at']), 'a' => $short(1, ...$seen['a']), 'b' => $short(1, ...$seen['b']),
            'aLow' => $short(1, ...$seen['aLow']), 'bLow' => $short(1, ...$seen['bLow']), 'fuel' => $short(2, ...$seen['fuel']),
            'run' => round($supply->runLimitAmps(), 1), 'peak' => round($supply->surgeLimitAmps(), 1),
            'holds' => $tank?->holds === null ? null : round($tank->holds + $tank->store, 2),
            'bars' => $withBars ? $this->trace->bars($fromS, $toS, self::PARTS) : [],
        ];
    }

    public function first(MomentKind $kind): ?Moment
    {
        foreach ($this->result->moments as $moment) {
            if ($moment->kind === $kind) {
                return $moment;
            }
        }

        return null;
    }

    /** Day and time of day, as somebody there would say it. */
    public function clock(float $atS): string
    {
        $hours = $this->house->scenario->startHour + $atS / self::HOUR_S;
        $minutes = (int) floor(fmod($hours, 24) * 60 + 1e-6);

        return sprintf('day %d, %d:%02d', (int) floor($hours / 24) + 1, intdiv($minutes, 60), $minutes % 60);
    }

    /** "21 h 10 min", "9 min". */
    public static function hours(float $seconds): string
    {
        $minutes = (int) round($seconds / 60);
        $parts = [
            ...$minutes >= 60 ? [intdiv($minutes, 60).' h'] : [], ...$minutes % 60 > 0 || $minutes < 60 ? [($minutes % 60).' min'] : [],
        ];

        return implode(' ', $parts);
    }
}

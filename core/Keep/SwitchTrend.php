<?php

declare(strict_types=1);

namespace Underpin\Keep;

use Underpin\Codebook\ContactLimits;
use Underpin\Job\Log\Pole;
use Underpin\Job\Log\SwitchService;
use Underpin\Limit;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Say;

/** The contacts of one switch over the years: each pole against its first reading and against the other, and where it goes. */
final readonly class SwitchTrend
{
    private const DAYS_A_YEAR = 365.25;

    /** @param  list<SwitchService>  $services  of one switch, the first one first */
    public function __construct(public array $services, private ?int $ratedA)
    {
    }

    /** How its last service leaves it. */
    public function wear(): Wear
    {
        return $this->services === [] ? Wear::Good : $this->wearAt($this->services[count($this->services) - 1]);
    }

    public function wearAt(SwitchService $service): Wear
    {
        $degrees = $this->degrees($service);
        $levels = [
            match (true) {
                $degrees === null => Wear::Good,
                Limit::over($degrees, ContactLimits::NOW_C) => Wear::Now,
                Limit::within(ContactLimits::REPAIR_C, $degrees) => Wear::Repair,
                Limit::within(ContactLimits::WATCH_C, $degrees) => Wear::Watch,
                default => Wear::Good,
            },
            $this->isOverFirst($service) || $this->polesApart($service) ? Wear::Repair : Wear::Good,
        ];
        usort($levels, fn (Wear $x, Wear $y): int => $y->value <=> $x->value);

        return $levels[0];
    }

    /** @return list<string> what the last service says, the gravest first */
    public function words(): array
    {
        $last = $this->services[count($this->services) - 1] ?? null;
        if ($last === null) {
            return [];
        }
        $said = [];
        $degrees = $this->degrees($last);
        if ($degrees !== null && Limit::within(ContactLimits::WATCH_C, $degrees)) {
            $warm = ($last->a->tempC ?? 0.0) > ($last->b->tempC ?? 0.0) ? 'A' : 'B';
            $said[] = 'Pole '.$warm.' is '.Say::figure($degrees).' °C warmer than the other: '.match ($this->wearAt($last)) {
                Wear::Now => 'its load goes off now, and it is repaired before it carries anything again.',
                Wear::Repair => 'it is repaired at the next chance.',
                Wear::Watch, Wear::Good => 'it is looked at again within the year.',
            };
        }
        foreach (['A' => fn (SwitchService $s): Pole => $s->a, 'B' => fn (SwitchService $s): Pole => $s->b] as $name => $pole) {
            array_push($said, ...$this->ofPole($name, $pole));
        }
        if ($this->polesApart($last)) {
            $said[] = 'The poles lie more than '.Say::figure((ContactLimits::POLES_APART - 1) * 100).' % apart: the contact of the '
                .'higher one is worn, '
                .'dirty or loose. Locked out and dead: look for arcing marks and at its torque mark.';
        }
        if ($this->ratedA !== null && $last->amps < $this->ratedA * ContactLimits::LEAST_LOAD_PCT / 100) {
            $said[] = 'Measured at '.Say::amps($last->amps).', under '.Say::figure(ContactLimits::LEAST_LOAD_PCT).' % of its '
                ."$this->ratedA A: it says little. "
                .'Measure again with more on.';
        }

        return $said;
    }

    /**
     * Microhms at which something is done about a pole; null: its first reading is not there.
     *
     * @param  callable(SwitchService): Pole  $pole
     */
    public function limit(callable $pole): ?float
    {
        foreach ($this->services as $service) {
            $first = $service->microhms($pole($service));
            if ($first !== null) {
                return $first * ContactLimits::ACT_AT;
            }
        }

        return null;
    }

    /**
     * @param  callable(SwitchService): Pole  $pole
     * @return list<string>
     */
    private function ofPole(string $name, callable $pole): array
    {
        $read = [];
        foreach ($this->services as $service) {
            $ohms = $service->microhms($pole($service));
            $day = CivilDay::ofAnyYear($service->on);
            array_push($read, ...$ohms === null || $day === null ? [] : [[$day, $ohms]]);
        }
        if (count($read) < 2) {
            return [];
        }
        [[$firstDay, $first], [$lastDay, $last]] = [$read[0], $read[count($read) - 1]];
        $limit = $first * ContactLimits::ACT_AT;
        $aYear = ($last - $first) / max(1, $lastDay - $firstDay) * self::DAYS_A_YEAR;
        $times = Say::figure($last / max(1e-9, $first));

        return match (true) {
            Limit::within($limit, $last) => ["Pole $name has $times times its first contact resistance: from "
                .Say::figure(ContactLimits::ACT_AT).' times on something is done.'],
            $aYear > 0.0 && ($limit - $last) / $aYear < 3 => ["Pole $name rises by ".Say::figure($aYear).' µΩ a year: at that it reaches '
                .Say::figure(ContactLimits::ACT_AT).' times its first reading in '
                .CivilDay::parts($lastDay + (int) (($limit - $last) / $aYear * self::DAYS_A_YEAR))[0].'.'],
            default => [],
        };
    }

    private function isOverFirst(SwitchService $service): bool
    {
        $a = $this->limit(fn (SwitchService $s): Pole => $s->a);
        $b = $this->limit(fn (SwitchService $s): Pole => $s->b);
        $isOver = fn (?float $limit, ?float $ohms): bool => $limit !== null && $ohms !== null && $service !== $this->services[0]
            && Limit::within($limit, $ohms);

        return $isOver($a, $service->microhms($service->a)) || $isOver($b, $service->microhms($service->b));
    }

    private function polesApart(SwitchService $service): bool
    {
        $a = $service->microhms($service->a);
        $b = $service->microhms($service->b);

        return $a !== null && $b !== null && min($a, $b) > 0.0 && Limit::over(max($a, $b) / min($a, $b), ContactLimits::POLES_APART);
    }

    private function degrees(SwitchService $service): ?float
    {
        return $service->a->tempC === null || $service->b->tempC === null ? null : abs($service->a->tempC - $service->b->tempC);
    }
}

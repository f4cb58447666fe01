<?php

declare(strict_types=1);

namespace Underpin\Outage\Many;

use Underpin\Outage\Scenario;
use Underpin\Outage\Simulation\MomentKind;
use Underpin\Outage\Simulation\OutageResult;

/**
 * What many outages come to: as large after a thousand as after one. The fuel is kept in classes of equal width, so that a percentile is
 * right to the width of one.
 */
final class Tally
{
    private const CLASSES = 400;

    /** Outages with an overload whose seeds are kept, to try a remedy on. */
    private const MOST_SEEDS = 40;

    private const LEAST_WIDTH = 1e-9;

    /**
     * @param  array<string, int>  $causes  overloads by id of the circuit that went on last before
     * @param  array<string, int>  $trips  by what they did
     * @param  array<int, int>  $byHour  overloads by hour of the day
     * @param  array<int, int>  $burned  outages by class of fuel burned
     * @param  list<int>  $seeds  of outages with an overload
     */
    public function __construct(
        private float $width, private int $done = 0, private int $overloaded = 0, private int $overloads = 0, private array $causes = [],
        private array $trips = [], private array $byHour = [], private array $burned = [], private array $seeds = [],
        private float $downS = 0.0, private float $energyWh = 0.0, private int $dry = 0,
    ) {
    }

    /** @param  float  $mostBurned  that an outage can burn, in the unit of the fuel */
    public static function empty(float $mostBurned): self
    {
        return new self(max(self::LEAST_WIDTH, $mostBurned / self::CLASSES));
    }

    /** @param  list<string>  $ids  of the circuits, by their places */
    public function add(Scenario $scenario, OutageResult $result, array $ids): void
    {
        $this->done++;
        $this->downS += $result->downS;
        $this->energyWh += $result->energyWh;
        $class = (int) floor(($result->burned ?? 0.0) / $this->width);
        $this->burned[$class] = ($this->burned[$class] ?? 0) + 1;
        if ($result->overloads() > 0) {
            $this->overloaded++;
            if (count($this->seeds) < self::MOST_SEEDS) {
                $this->seeds[] = $scenario->seed;
            }
        }
        $isDry = false;
        foreach ($result->moments as $moment) {
            $isDry = $isDry || $moment->kind === MomentKind::Dry;
            if ($moment->trip !== null && $moment->circuit !== null) {
                $this->overloads++;
                $id = $ids[$moment->circuit];
                $hour = (int) fmod($scenario->startHour + $moment->atS / 3600, 24);
                $this->causes[$id] = ($this->causes[$id] ?? 0) + 1;
                $this->trips[$moment->trip->value] = ($this->trips[$moment->trip->value] ?? 0) + 1;
                $this->byHour[$hour] = ($this->byHour[$hour] ?? 0) + 1;
            }
        }
        $this->dry += $isDry ? 1 : 0;
    }

    public function done(): int
    {
        return $this->done;
    }

    /** Outages with an overload. */
    public function overloaded(): int
    {
        return $this->overloaded;
    }

    public function overloads(): int
    {
        return $this->overloads;
    }

    /** Outages in which the fuel ran out. */
    public function dry(): int
    {
        return $this->dry;
    }

    /** @return array<string, int> overloads by id of the circuit, most first */
    public function causes(): array
    {
        $causes = $this->causes;
        arsort($causes);

        return $causes;
    }

    /** @return array<string, int> overloads by what they did, most first */
    public function trips(): array
    {
        $trips = $this->trips;
        arsort($trips);

        return $trips;
    }

    /** @return list<int> overloads in each hour of the day */
    public function byHour(): array
    {
        return array_map(fn (int $hour): int => $this->byHour[$hour] ?? 0, range(0, 23));
    }

    /** @return list<int> */
    public function seeds(): array
    {
        return $this->seeds;
    }

    public function meanDownS(): float
    {
        return $this->downS / max(1, $this->done);
    }

    public function meanWh(): float
    {
        return $this->energyWh / max(1, $this->done);
    }

    /** What so many per cent of the outages do not burn more than, in the unit of the fuel: the upper end of its class. */
    public function burnedAtMost(float $pct): float
    {
        $wanted = $this->done * $pct / 100;
        $passed = 0;
        $classes = $this->burned;
        ksort($classes);
        foreach ($classes as $class => $outages) {
            $passed += $outages;
            if ($passed >= $wanted - 1e-9) {
                return ($class + 1) * $this->width;
            }
        }

        return 0.0;
    }

    /** @return array<string, mixed> by which it can be made again */
    public function toArray(): array
    {
        return [
            'width' => $this->width, 'done' => $this->done, 'overloaded' => $this->overloaded, 'overloads' => $this->overloads,
            'causes' => $this->causes, 'trips' => $this->trips, 'byHour' => $this->byHour, 'burned' => $this->burned,
            'seeds' => $this->seeds, 'downS' => $this->downS, 'energyWh' => $this->energyWh, 'dry' => $this->dry,
        ];
    }

    /** @param  array<string, mixed>  $kept  as toArray gave it */
    public static function fromArray(array $kept): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...$kept);
    }
}

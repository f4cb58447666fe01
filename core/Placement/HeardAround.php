<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Polygon;
use Underpin\Job\Job;
use Underpin\Job\Machine\Housing;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\OpeningKind;

/** How loud the machines of a job are where people live and where the authority measures. Good practice; the local limit at night. */
final readonly class HeardAround
{
    /** @param  non-empty-list<Polygon>  $machines  that run together */
    public function __construct(private Job $job, private Housing $housing, private array $machines)
    {
    }

    /** @return list<NoiseRow> at the property line and at every bedroom and neighbor's opening, the loudest first; empty: not known */
    public function rows(): array
    {
        $db = $this->housing->noiseDb;
        if ($db === null) {
            return [];
        }
        $all = $this->machines;
        $plan = $this->job->plan;
        $lot = $plan->lot;
        $places = $lot === null ? [] : [
            ['property', 'property line', array_map(fn (Polygon $m): float => $m->gapOfSides($lot)->length(), $all), true],
        ];
        foreach ($plan->buildings ?? [] as $building) {
            foreach ($building->openings as $opening) {
                $isNeighbors = $building->kind === BuildingKind::Neighbor;
                if ($isNeighbors || $opening->kind === OpeningKind::Bedroom) {
                    $far = array_map(fn (Polygon $m): float => $m->gapTo($building->line($opening))->length(), $all);
                    $places[] = [$opening->id, "{$opening->title()}, $building->name", $far, $isNeighbors];
                }
            }
        }
        $rows = array_map(fn (array $at): NoiseRow => new NoiseRow(
            $at[0], $at[1], min($at[2]), $this->heard($db, $at[2]), $at[3] ? $this->job->authority->rules->nightDb : null,
        ), $places);
        usort($rows, fn (NoiseRow $a, NoiseRow $b): int => $b->db <=> $a->db);

        return $rows;
    }

    /** @param  non-empty-list<float>  $ft  from each machine: they run together */
    private function heard(float $db, array $ft): float
    {
        return Noise::db(array_map(fn (float $each): array => [
            'db' => $db, 'at_ft' => $this->housing->noiseFt, 'distance_ft' => max($each, 1.0),
        ], $ft));
    }
}

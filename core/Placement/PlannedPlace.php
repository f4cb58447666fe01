<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Codebook\SiteDistances;
use Underpin\Codebook\Source;
use Underpin\Codebook\StandbyPlace;
use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\OpeningKind;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Plan\WallOpening;

/**
 * The machine of a job at its spot on the site plan. What its listing says comes first, then the authority, then the usual figure.
 * NFPA 37 4.1.4, NFPA 58, NEC 2023 110.26(A), good practice.
 */
final readonly class PlannedPlace
{
    private const IN_PER_FT = 12.0;

    public Placement $placement;

    public Polygon $machine;

    public Point $exhaust;

    private SitePlan $plan;

    private function __construct(private Job $job, private Machine $its, public MachineSpot $spot, float $w, float $d)
    {
        $this->plan = $job->plan;
        $this->machine = Polygon::rectangle($spot->x, $spot->y, ...$spot->exhaust->isUpright() ? [$w, $d] : [$d, $w]);
        $this->exhaust = $this->sideOf($spot->exhaust)->at($this->sideOf($spot->exhaust)->length() / 2);
        $this->placement = new Placement($this->machine, $this->exhaust, $this->surroundings(), $this->keeps(), $this->workedAt());
    }

    /** Null: no machine is picked, it has no spot or no exhaust (a battery station), or nobody knows how large it is. */
    public static function of(Job $job): ?self
    {
        $machine = $job->generator->machine;
        $spot = $job->plan->spot;
        [$w, $d] = self::sizeFt($job);

        return $machine === null || $machine->form->isBattery() || $spot === null || $w === null || $d === null
            ? null
            : new self($job, $machine, $spot, $w, $d);
    }

    /** @return array{?float, ?float} width and depth, feet: as typed with the spot, else of the machine's own figures; null: not known */
    public static function sizeFt(Job $job): array
    {
        $housing = $job->generator->machine?->housing;
        $feet = fn (?float $inches): ?float => $inches === null ? null : $inches / self::IN_PER_FT;

        return [
            $job->plan->spot->widthFt ?? $feet($housing?->widthIn), $job->plan->spot->depthFt ?? $feet($housing?->depthIn),
        ];
    }

    public function isStandby(): bool
    {
        return $this->its->form->isStandby();
    }

    /** @return list<PlaceRow> every distance that counts, with its name and its rule */
    public function rows(): array
    {
        $names = $this->names();
        $rows = array_map(fn (Gap $gap): PlaceRow => new PlaceRow(
            $gap->id, $this->what($gap, $names), $gap->line, $gap->neededFt, $this->sourceOf($gap->distance),
            $gap->distance, $gap->isAcross,
        ), $this->placement->gaps);

        return [...$rows, ...$this->gasRows()];
    }

    /** @return list<PlaceRow> the nearest of each kind, and whatever is too near: what a person must look at */
    public function telling(): array
    {
        $rows = $this->rows();
        usort($rows, fn (PlaceRow $a, PlaceRow $b): int => [! $a->isBroken(), $a->ft() - $a->neededFt]
            <=> [! $b->isBroken(), $b->ft() - $b->neededFt]);
        $seen = [];
        $telling = [];
        foreach ($rows as $row) {
            $kind = ($row->distance->value ?? $row->source->words())." $row->neededFt";
            if ($row->isBroken() || ! isset($seen[$kind])) {
                $telling[] = $row;
            }
            $seen[$kind] = true;
        }

        return $telling;
    }

    /** @return list<NoiseRow> at the property line and at every bedroom and neighbor's opening, the loudest first; empty: not known */
    public function noise(): array
    {
        $db = $this->its->housing->noiseDb;
        if ($db === null) {
            return [];
        }
        $places = $this->plan->lot === null ? [] : [['property', 'property line', $this->machine->gapOfSides($this->plan->lot), true]];
        foreach ($this->plan->buildings ?? [] as $building) {
            foreach ($building->openings as $opening) {
                $isNeighbors = $building->kind === BuildingKind::Neighbor;
                if ($isNeighbors || $opening->kind === OpeningKind::Bedroom) {
                    $line = $this->machine->gapTo($building->line($opening));
                    $places[] = [$opening->id, "{$opening->title()}, $building->name", $line, $isNeighbors];
                }
            }
        }
        $rows = array_map(fn (array $at): NoiseRow => new NoiseRow(
            $at[0], $at[1], $at[2]->length(), $this->heard($db, $at[2]->length()), $at[3] ? $this->job->authority->rules->nightDb : null,
        ), $places);
        usort($rows, fn (NoiseRow $a, NoiseRow $b): int => $b->db <=> $a->db);

        return $rows;
    }

    /** @return list<Zone> where no part of the machine may be */
    public function zones(): array
    {
        $keeps = $this->keeps();
        $around = $this->surroundings();
        $zones = [];
        foreach ($around->buildings ?? [] as $b) {
            $counts = $b->burns || $keeps->everyWall;
            $zones[] = Zone::around($b->id, $b->outline, max($counts ? $keeps->ft(Distance::Wall) : 0.0, $keeps->ft(Distance::Service)));
        }
        foreach ($around->openings ?? [] as $o) {
            $zones[] = Zone::along($o->id, $o->line, $keeps->ft(Distance::Opening));
        }
        foreach ($around->obstacles ?? [] as $o) {
            $zones[] = Zone::around($o->id, $o->area, $keeps->ft(Distance::Service));
        }
        foreach ($this->gasItems() as [$item, $ft]) {
            $zones[] = Zone::around($item->id, $item->area(), $ft);
        }

        return [...$zones, ...$this->plan->lot === null ? [] : Zone::band($this->plan->lot, $keeps->ft(Distance::Property))];
    }

    /** @return list<string> what is not noted, and keeps the spot from being judged */
    public function missing(): array
    {
        $words = [
            Distance::Wall->value => 'the buildings', Distance::Opening->value => 'doors, windows and vents',
            Distance::Service->value => 'what else stands there', Distance::Property->value => 'the property line',
            Distance::ExhaustOpening->value => 'doors, windows and vents',
        ];

        return array_values(array_unique(array_map(
            fn (Distance $distance): string => $words[$distance->value], $this->placement->notChecked(),
        )));
    }

    private function heard(float $db, float $ft): float
    {
        return Noise::db([['db' => $db, 'at_ft' => $this->its->housing->noiseFt, 'distance_ft' => max($ft, 1.0)]]);
    }

    private function keeps(): Distances
    {
        $rules = $this->job->authority->rules;
        $property = array_filter([Distance::Property->value => $rules->propertyFt], is_float(...));
        if (! $this->isStandby()) {
            return Distances::portable($property + [
                Distance::Wall->value => $rules->portableFt, Distance::Opening->value => $rules->portableFt,
                Distance::ExhaustOpening->value => $rules->portableFt,
            ]);
        }
        $listed = $this->its->housing;
        $feet = fn (?float $inches): ?float => $inches === null ? null : $inches / self::IN_PER_FT;
        $opening = max($rules->openingFt ?? 0.0, $feet($listed->openingIn) ?? 0.0, StandbyPlace::OPENINGS_FT);

        return Distances::standby($property + array_filter([
            Distance::Wall->value => $feet($listed->wallIn), Distance::Opening->value => $opening,
            Distance::Service->value => $listed->serviceIn === null ? null : max($feet($listed->serviceIn), StandbyPlace::SERVICE_FT),
            Distance::ExhaustOpening->value => $opening,
        ], is_float(...)));
    }

    private function surroundings(): Surroundings
    {
        $openings = null;
        foreach ($this->plan->buildings ?? [] as $building) {
            $openings = [...$openings ?? [], ...array_map(
                fn (WallOpening $o): Opening => new Opening($o->id, $building->line($o)), $building->openings,
            )];
        }

        return new Surroundings(
            // Walls that nobody looked at count as walls that burn.
            $this->plan->buildings === null ? null : array_map(
                fn ($b): Building => new Building($b->id, $b->outline, $b->burns !== false), $this->plan->buildings,
            ),
            $openings === [] ? null : $openings,
            $this->plan->items === null ? null : array_map(
                fn (PlanItem $i): Obstacle => new Obstacle($i->id, $i->area()),
                array_values(array_filter($this->plan->items, fn (PlanItem $i): bool => ! $i->kind->isFlat())),
            ),
            $this->plan->lot,
        );
    }

    /** The machine and the working space before the sides that it is served from; null: every side. */
    public function workedAt(): ?Polygon
    {
        if ($this->spot->served === []) {
            return null;
        }
        $ft = fn (PlanSide $side): float => in_array($side, $this->spot->served, true) ? $this->keeps()->ft(Distance::Service) : 0.0;
        [$low, $high] = [$this->machine->corners[0], $this->machine->corners[2]];
        $x = $low->x - $ft(PlanSide::Left);
        $y = $low->y - $ft(PlanSide::Bottom);

        return Polygon::rectangle($x, $y, $high->x + $ft(PlanSide::Right) - $x, $high->y + $ft(PlanSide::Top) - $y);
    }

    private function sideOf(PlanSide $side): Segment
    {
        return $this->machine->sides[match ($side) {
            PlanSide::Bottom => 0,
            PlanSide::Right => 1,
            PlanSide::Top => 2,
            PlanSide::Left => 3,
        }];
    }

    /** @return list<PlaceRow> */
    private function gasRows(): array
    {
        return array_map(fn (array $each): PlaceRow => new PlaceRow(
            $each[0]->id, $each[0]->title(), $this->machine->gap($each[0]->area()), $each[1], $each[2],
        ), $this->gasItems());
    }

    /** @return list<array{PlanItem, float, Source}> what gas can come out of, and the feet that are kept from it */
    private function gasItems(): array
    {
        $keeps = [
            PlanItemKind::GasMeter->value => [SiteDistances::GAS_METER_FT, Source::practice('the gas utility says; ask it')],
            PlanItemKind::GasRegulator->value => [SiteDistances::REGULATOR_VENT_FT, new Source('NFPA 58', 'regulator vent')],
            PlanItemKind::Tank->value => [SiteDistances::TANK_RELIEF_FT, new Source('NFPA 58', 'relief valve')],
            PlanItemKind::BuriedTank->value => [SiteDistances::TANK_RELIEF_FT, new Source('NFPA 58', 'relief valve')],
        ];
        $items = [];
        foreach ($this->plan->items ?? [] as $item) {
            [$ft, $source] = $keeps[$item->kind->value] ?? [null, null];
            if ($ft !== null && $source !== null) {
                $items[] = [$item, $ft, $source];
            }
        }

        return $items;
    }

    /** @return array<string, string> by id */
    private function names(): array
    {
        $names = ['property' => 'property line'];
        foreach ($this->plan->buildings ?? [] as $building) {
            $names[$building->id] = $building->name;
            foreach ($building->openings as $opening) {
                $names[$opening->id] = "{$opening->title()}, $building->name";
            }
        }
        foreach ($this->plan->items ?? [] as $item) {
            $names[$item->id] = $item->title();
        }

        return $names;
    }

    /** @param  array<string, string>  $names */
    private function what(Gap $gap, array $names): string
    {
        $name = $names[$gap->id] ?? $gap->id;
        $burns = $this->plan->building($gap->id)?->burns;

        return match ($gap->distance) {
            Distance::Wall => "wall of $name".($this->isStandby() && $burns === null ? ', not looked whether it burns' : ''),
            Distance::Service => "working space: $name",
            Distance::ExhaustOpening => "exhaust to $name",
            Distance::Opening, Distance::Property => $name,
        };
    }

    private function sourceOf(Distance $distance): Source
    {
        return match ($distance) {
            Distance::Wall, Distance::Opening, Distance::ExhaustOpening => $this->isStandby()
                ? new Source('NFPA 37', '4.1.4, and its listing') : Source::practice('carbon monoxide'),
            Distance::Service => $this->isStandby() ? Source::nec('110.26(A)') : Source::practice('room to serve and to refuel'),
            Distance::Property => $this->job->authority->rules->propertyFt === null
                ? Source::practice('ask what zoning says') : new Source('Local', 'zoning'),
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Plan\WallOpening;
use Underpin\Limit;

/**
 * The machine of a job at its spot on the site plan. What its listing says comes first, then the authority, then the usual figure.
 * NFPA 37 4.1.4, NFPA 58, NEC 2023 110.26(A), good practice.
 */
final readonly class PlannedPlace
{
    public const IN_PER_FT = 12.0;

    public Placement $placement;

    public Polygon $machine;

    public Point $exhaust;

    private SitePlan $plan;

    private KeptDistances $kept;

    private function __construct(private Job $job, private Machine $its, public MachineSpot $spot, float $w, float $d)
    {
        $this->plan = $job->plan;
        $this->machine = Polygon::rectangle($spot->x, $spot->y, ...$spot->exhaust->isUpright() ? [$w, $d] : [$d, $w]);
        $this->exhaust = $this->sideOf($spot->exhaust)->at($this->sideOf($spot->exhaust)->length() / 2);
        $this->kept = new KeptDistances($job, $its);
        $this->placement = new Placement(
            $this->machine, $this->exhaust, $this->surroundings(), $this->kept->distances(), $this->workedAt(),
        );
    }

    /** Null: no machine is picked, it has no spot or no exhaust (a battery station), or nobody knows how large it is. */
    public static function of(Job $job): ?self
    {
        return self::all($job)[0] ?? null;
    }

    /** @return list<self> of every machine that is placed, the first one first; empty: there is none, as for one */
    public static function all(Job $job): array
    {
        $machine = $job->generator->machine;
        $places = [];
        if ($machine === null || $machine->form->isBattery()) {
            return [];
        }
        foreach ($job->plan->spots() as $spot) {
            [$w, $d] = self::sizeAt($job, $spot);
            if ($w === null || $d === null) {
                return $places;
            }
            $places[] = new self($job, $machine, $spot, $w, $d);
        }

        return $places;
    }

    /** @return array{?float, ?float} width and depth, feet: as typed with the spot, else of the machine's own figures; null: not known */
    public static function sizeFt(Job $job): array
    {
        return self::sizeAt($job, $job->plan->spot);
    }

    /** @return array{?float, ?float} */
    private static function sizeAt(Job $job, ?MachineSpot $spot): array
    {
        $housing = $job->generator->machine?->housing;
        $feet = fn (?float $inches): ?float => $inches === null ? null : $inches / self::IN_PER_FT;

        return [
            $spot->widthFt ?? $feet($housing?->widthIn), $spot->depthFt ?? $feet($housing?->depthIn),
        ];
    }

    public function isStandby(): bool
    {
        return $this->its->form->isStandby();
    }

    /** @return list<PlaceRow> every distance that counts, with its name and its rule */
    public function rows(): array
    {
        $names = new PlaceNames($this->plan, $this->isStandby());
        $rows = array_map(fn (Gap $gap): PlaceRow => new PlaceRow(
            $gap->id, $names->of($gap), $gap->line, $gap->neededFt, $this->kept->source($gap->distance),
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
        return (new HeardAround($this->job, $this->its->housing, $this->machines()))->rows();
    }

    /** @return list<Zone> where no part of the machine may be */
    public function zones(): array
    {
        $keeps = $this->kept->distances();
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
        foreach ($this->kept->fromGas() as [$item, $ft]) {
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

    /** @return non-empty-list<Polygon> of every machine that is placed, this one first */
    private function machines(): array
    {
        return [$this->machine, ...array_map(fn (Obstacle $o): Polygon => $o->area, $this->others())];
    }

    /** @return list<Obstacle> the other machines: each needs its working space too */
    private function others(): array
    {
        $others = [];
        foreach ($this->plan->spots() as $n => $spot) {
            [$w, $d] = self::sizeAt($this->job, $spot);
            if ($spot !== $this->spot && $w !== null && $d !== null) {
                $others[] = new Obstacle(
                    'machine-'.($n + 1), Polygon::rectangle($spot->x, $spot->y, ...$spot->exhaust->isUpright() ? [$w, $d] : [$d, $w]),
                );
            }
        }

        return $others;
    }

    /** It stands above a flood: outside of what lies under water, or on a platform that is higher; null: the flood line is not noted. */
    public function isAboveFlood(): ?bool
    {
        $flooded = $this->plan->flooded;
        if ($flooded === null) {
            return null;
        }
        $platform = $this->spot->platformIn;
        $water = $this->plan->floodIn;

        return match (true) {
            $this->machine->gap($flooded)->length() > 0.0 => true,
            $platform === null || $water === null => null,
            default => Limit::over($platform, $water),
        };
    }

    /** How much higher a level pad is at its low side than at its high side, inches; null: how the ground falls is not noted. */
    public function padFallIn(): ?float
    {
        $side = $this->plan->fallSide;
        $pct = $this->plan->fallPct;
        if ($side === null || $pct === null) {
            return null;
        }
        [$low, $high] = [$this->machine->corners[0], $this->machine->corners[2]];

        return ($side->isUpright() ? $high->y - $low->y : $high->x - $low->x) * $pct / 100.0 * self::IN_PER_FT;
    }

    /** @return array{float, float} the least size of its pad, feet: what it stands on; its manual says how much more */
    public function padFt(): array
    {
        [$low, $high] = [$this->machine->corners[0], $this->machine->corners[2]];

        return [$high->x - $low->x, $high->y - $low->y];
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
            $this->plan->items === null && $this->others() === [] ? null : [...array_map(
                fn (PlanItem $i): Obstacle => new Obstacle($i->id, $i->area()),
                array_values(array_filter($this->plan->items ?? [], fn (PlanItem $i): bool => ! $i->kind->isFlat())),
            ), ...$this->others()],
            $this->plan->lot,
        );
    }

    /** The machine and the working space before the sides that it is served from; null: every side. */
    public function workedAt(): ?Polygon
    {
        if ($this->spot->served === []) {
            return null;
        }
        $kept = $this->kept->distances()->ft(Distance::Service);
        $ft = fn (PlanSide $side): float => in_array($side, $this->spot->served, true) ? $kept : 0.0;
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
        ), $this->kept->fromGas());
    }
}

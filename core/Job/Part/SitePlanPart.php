<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Geometry\Point;
use Underpin\Job\Job;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\OpeningKind;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Plan\WallOpening;

/** The site plan: buildings with their openings, the lot, what stands on it, the machine and the ways to it. */
final class SitePlanPart implements JobPart
{
    private const OUTLINE = 'Type a rectangle, 46 x 28 at 10,5; or lengths and turns, 40 left 28 left 40; or corners, 0,0 46,0 46,28.';

    public static function building(): Form
    {
        return new Form(
            Field::key(Job::LONGEST_ID), Field::text('name', 'what it is called')->label('Building')->required()->atMost(60),
            Field::enum('kind', 'whose it is', BuildingKind::class)->label('Whose')->default(BuildingKind::House->value),
            self::corners('corners', 'its corners, in order')->label('Outline')->atLeast(3)->hint(self::OUTLINE),
            Field::flag('burns', 'its walls burn', 'combustible', 'not combustible')->label('Walls')->optional('not looked'),
            Field::items('openings', 'doors, windows and vents of its walls', self::opening())->label('Openings')
                ->atMost(SitePlan::MOST_OPENINGS)->optional('none noted'),
        );
    }

    public static function opening(): Form
    {
        return new Form(
            Field::key(Job::LONGEST_ID), Field::text('name', 'what it is called; empty: by its kind')->label('Name')->atMost(60),
            Field::enum('kind', 'what it is', OpeningKind::class)->label('Opening'),
            Field::whole('wall', 'the wall, counted from 1 in the order of the corners')->label('Wall')->atLeast(1)
                ->atMost(SitePlan::MOST_CORNERS),
            Field::number('from_ft', 'along the wall, from its first corner')->label('From the corner')->in(Unit::Feet)->atMost(1_000),
            Field::number('width_ft', 'how wide it is')->label('Width')->in(Unit::Feet)->over(0)->atMost(200),
        );
    }

    public static function item(): Form
    {
        return new Form(
            Field::key(Job::LONGEST_ID), Field::text('name', 'what it is called; empty: by its kind')->label('Name')->atMost(60),
            Field::enum('kind', 'what it is', PlanItemKind::class)->label('What'),
            self::place('x', 'to the right of the beginning, its lower left corner', 'To the right'),
            self::place('y', 'up from the beginning, its lower left corner', 'Up'),
            Field::number('w', 'from left to right')->label('Wide')->in(Unit::Feet)->over(0)->atMost(500),
            Field::number('d', 'from bottom to top')->label('Deep')->in(Unit::Feet)->over(0)->atMost(500),
            Field::number('height_in', 'of an inlet: how high it hangs above the ground')->label('Inlet hangs at')->in(Unit::Inches)
                ->atMost(240)->optional('not measured'),
        );
    }

    public static function spot(): Form
    {
        return new Form(
            self::place('x', 'to the right of the beginning, its lower left corner', 'To the right'),
            self::place('y', 'up from the beginning, its lower left corner', 'Up'),
            self::side('exhaust', 'where its exhaust leaves')->label('Exhaust to')->default(PlanSide::Right->value),
            Field::number('width_ft', 'its width, the exhaust in front')->label('Wide')->in(Unit::Feet)->over(0)->atMost(60)
                ->optional('as the machine\'s own figures say'),
            Field::number('depth_ft', 'its depth, towards the exhaust')->label('Deep')->in(Unit::Feet)->over(0)->atMost(60)
                ->optional('as the machine\'s own figures say'),
            Field::number(
                'platform_in', 'height of pad or platform above the ground',
            )->label('Pad or platform')->in(Unit::Inches)->atMost(240)
                ->optional('not known'),
            Field::items('served', 'sides that it is served from', new Form(self::side('side', 'a side')->required()))
                ->label('Served from')->atMost(4)->optional('every side'),
        );
    }

    public static function route(): Form
    {
        return new Form(
            Field::enum('kind', 'what is laid', RouteKind::class)->label('What is laid'),
            self::corners('points', 'where it begins, turns and ends')->label('Way')->atLeast(2)
                ->hint('Type the places, each as feet to the right and feet up: 50,-20 47,0 46,3.'),
        );
    }

    public static function property(): Field
    {
        return self::corners('property', 'corners of the lot, in order')->label('Property line')->atLeast(3)->hint(self::OUTLINE)
            ->optional('not noted');
    }

    public static function around(): Form
    {
        return new Form(
            self::property(),
            Field::number('north_deg', 'where north is, clockwise from the top of the plan')->label('North')->in(Unit::Degrees)->atMost(359)
                ->default(0),
            self::side('snow_side', 'where snow slides or drifts to')->label('Snow comes down at')->optional('not noted'),
            self::corners('flood', 'corners of what lies under water in a flood')->label('Flood line')->atLeast(3)->hint(self::OUTLINE)
                ->optional('not noted'),
            Field::number('flood_in', 'how high the water stands there')->label('Water there')->in(Unit::Inches)->atMost(600)
                ->optional('not known'),
            self::side('fall_side', 'where the ground falls to')->label('Ground falls to')->optional('not noted'),
            Field::number('fall_pct', 'how much it falls, feet in a hundred')->label('It falls')->in(Unit::PerCent)->atMost(100)
                ->optional('not measured'),
        );
    }

    private static function form(): Form
    {
        return new Form(
            Field::items('buildings', 'outlines of buildings', self::building())->label('Buildings')->atMost(SitePlan::MOST_BUILDINGS)
                ->optional('not noted'),
            ...self::around()->fields(),
            ...[
                Field::items('items', 'what else stands there', self::item())->label('What stands there')->atMost(SitePlan::MOST_ITEMS)
                    ->optional('not noted'),
            ],
        );
    }

    public function fields(): array
    {
        return [
            Field::group('site_plan', 'the site as it lies', self::form())->label('Site plan')->optional('not drawn'),
            Field::group('machine_spot', 'where the machine is to stand', self::spot())->label('Machine')->optional('not placed'),
            Field::items('more_spots', 'where further machines of the same make stand', self::spot())->label('Further machines')
                ->atMost(SitePlan::MOST_MORE)->optional('none'),
            Field::items('routes', 'ways of cord, trench and gas pipe', self::route())->label('Ways')->atMost(count(RouteKind::cases()))
                ->optional('none'),
        ];
    }

    public function read(Values $in, FaultList $faults): SitePlan
    {
        $plan = $in->group('site_plan');
        $built = $plan === null ? new SitePlan : self::readSite($plan, $faults);
        $spot = $in->group('machine_spot');
        $routes = array_map(fn (Values $each): Route => new Route(
            RouteKind::from($each->text('kind')), $each->points('points') ?? [],
        ), $in->itemsOrNone('routes'));

        return $faults->attempt('routes', fn (): SitePlan => $built->with(
            spot: $spot === null ? null : self::readSpot($spot), routes: $routes,
            more: array_map(self::readSpot(...), $in->itemsOrNone('more_spots')),
        )) ?? $built;
    }

    private static function readSite(Values $plan, FaultList $faults): SitePlan
    {
        $buildings = $items = null;
        foreach ($plan->has('buildings') ? $plan->items('buildings') : [] as $i => $each) {
            $buildings = [...$buildings ?? [], ...self::one($faults->attempt(
                "site_plan.buildings.$i", fn (): PlannedBuilding => self::readBuilding($each),
            ))];
        }
        foreach ($plan->has('items') ? $plan->items('items') : [] as $i => $each) {
            $items = [...$items ?? [], ...self::one($faults->attempt("site_plan.items.$i", fn (): PlanItem => self::readItem($each)))];
        }

        return $faults->attempt('site_plan', fn (): SitePlan => new SitePlan(
            $plan->has('buildings') ? $buildings ?? [] : null, $plan->points('property') ?? [],
            $plan->has('items') ? $items ?? [] : null, northDeg: $plan->number('north_deg'),
            snowSide: PlanSide::tryFrom($plan->textOrNull('snow_side') ?? ''), flood: $plan->points('flood') ?? [],
            floodIn: $plan->numberOrNull('flood_in'), fallSide: PlanSide::tryFrom($plan->textOrNull('fall_side') ?? ''),
            fallPct: $plan->numberOrNull('fall_pct'),
        )) ?? new SitePlan;
    }

    public static function readBuilding(Values $in): PlannedBuilding
    {
        return new PlannedBuilding(
            $in->text('id'), $in->text('name'), BuildingKind::from($in->text('kind')), $in->points('corners') ?? [],
            $in->flagOrNull('burns'), array_map(self::readOpening(...), $in->itemsOrNone('openings')),
        );
    }

    public static function readOpening(Values $in): WallOpening
    {
        return new WallOpening(
            $in->text('id'), OpeningKind::from($in->text('kind')), $in->whole('wall'), $in->number('from_ft'), $in->number('width_ft'),
            $in->text('name'),
        );
    }

    public static function readItem(Values $in): PlanItem
    {
        return new PlanItem(
            $in->text('id'), PlanItemKind::from($in->text('kind')), $in->number('x'), $in->number('y'), $in->number('w'), $in->number('d'),
            $in->text('name'), $in->numberOrNull('height_in'),
        );
    }

    public static function readSpot(Values $in): MachineSpot
    {
        return new MachineSpot(
            $in->number('x'), $in->number('y'), PlanSide::from($in->text('exhaust')), $in->numberOrNull('width_ft'),
            $in->numberOrNull('depth_ft'),
            array_map(fn (Values $each): PlanSide => PlanSide::from($each->text('side')), $in->itemsOrNone('served')),
            $in->numberOrNull('platform_in'),
        );
    }

    public function write(Job $job): array
    {
        $plan = $job->plan;

        return ['site_plan' => $plan->isBlank() ? null : [
            'buildings' => $plan->buildings === null ? null : array_map(self::writeBuilding(...), $plan->buildings),
            ...self::writeAround($plan),
            'items' => $plan->items === null ? null : array_map(self::writeItem(...), $plan->items),
        ], 'machine_spot' => $plan->spot === null ? null : self::writeSpot($plan->spot),
            'more_spots' => array_map(self::writeSpot(...), $plan->more), 'routes' => array_map(
                fn (Route $r): array => ['kind' => $r->kind->value, 'points' => self::pairs($r->points)], $plan->routes,
            )];
    }

    /** @return array<string, mixed> */
    public static function writeAround(SitePlan $plan): array
    {
        return [
            'property' => $plan->property === [] ? null : self::pairs($plan->property), 'north_deg' => $plan->northDeg,
            'snow_side' => $plan->snowSide?->value, 'flood' => $plan->flood === [] ? null : self::pairs($plan->flood),
            'flood_in' => $plan->floodIn, 'fall_side' => $plan->fallSide?->value, 'fall_pct' => $plan->fallPct,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeBuilding(PlannedBuilding $b): array
    {
        return [
            'id' => $b->id, 'name' => $b->name, 'kind' => $b->kind->value, 'corners' => self::pairs($b->corners), 'burns' => $b->burns,
            'openings' => array_map(self::writeOpening(...), $b->openings),
        ];
    }

    /** @return array<string, mixed> */
    public static function writeOpening(WallOpening $o): array
    {
        return [
            'id' => $o->id, 'name' => $o->name, 'kind' => $o->kind->value, 'wall' => $o->wall, 'from_ft' => $o->fromFt,
            'width_ft' => $o->widthFt,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeItem(PlanItem $i): array
    {
        return ['id' => $i->id, 'name' => $i->name, 'kind' => $i->kind->value, 'x' => $i->x, 'y' => $i->y, 'w' => $i->w, 'd' => $i->d,
            'height_in' => $i->heightIn];
    }

    /** @return array<string, mixed> */
    public static function writeSpot(MachineSpot $s): array
    {
        return [
            'x' => $s->x, 'y' => $s->y, 'exhaust' => $s->exhaust->value, 'width_ft' => $s->widthFt, 'depth_ft' => $s->depthFt,
            'platform_in' => $s->platformIn,
            'served' => array_map(fn (PlanSide $side): array => ['side' => $side->value], $s->served),
        ];
    }

    /**
     * @param  list<Point>  $points
     * @return list<array{float, float}>
     */
    public static function pairs(array $points): array
    {
        return array_map(fn (Point $p): array => [$p->x, $p->y], $points);
    }

    /**
     * @template T of object
     *
     * @param  ?T  $read
     * @return list<T>
     */
    private static function one(?object $read): array
    {
        return $read === null ? [] : [$read];
    }

    private static function corners(string $name, string $meaning): Field
    {
        return Field::points($name, "$meaning, each [feet to the right, feet up]")->atMost(SitePlan::MOST_CORNERS);
    }

    private static function place(string $name, string $meaning, string $label): Field
    {
        return Field::number($name, $meaning)->label($label)->in(Unit::Feet)->atLeast(-SitePlan::FARTHEST_FT)
            ->atMost(SitePlan::FARTHEST_FT);
    }

    private static function side(string $name, string $meaning): Field
    {
        return Field::enum($name, $meaning, PlanSide::class);
    }
}

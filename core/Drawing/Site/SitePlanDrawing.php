<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Spot;
use Underpin\Geometry\Point;
use Underpin\Geometry\Segment;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;
use Underpin\Placement\Distance;
use Underpin\Placement\PlaceRow;
use Underpin\Placement\PlannedPlace;
use Underpin\Say;

/** The site to scale: what stands there, where the machine may not stand, and every distance that counts. */
final readonly class SitePlanDrawing
{
    /** distances that are drawn beside those that are too short */
    private const SHOWN = 6;

    /** farther than that, or than so many times what is kept, no line is drawn */
    private const NEAR_FT = 20.0;

    private const NEAR = 2.0;

    /** where along a distance its figure may stand */
    private const ALONG = [0.55, 0.75, 0.35, 0.2, 0.9];

    /** where along its longest part the name of a way may stand */
    private const NAMED = [0.33, 0.6, 0.85, 0.1];

    private const FOOT = 58.0;

    private const LETTER = SiteLabels::LETTER;

    private SitePlan $plan;

    private ?PlannedPlace $place;

    public SiteScale $at;

    private GroundMarks $marks;

    public function __construct(private Design $design)
    {
        $this->plan = $design->job->plan;
        $this->place = $design->place();
        $this->at = new SiteScale($this->points());
        $this->marks = new GroundMarks($this->plan, $this->at);
    }

    public function drawing(): Drawing
    {
        $built = new SiteBuildings($this->plan, $this->at);
        [$lot, $buildings] = [$built->lot(), $built->all()];
        $labels = new SiteLabels($this->at->plan());
        $labels->take(...$lot, ...$buildings, ...$this->marks->flood(), ...$this->marks->fall());
        foreach ($this->plan->buildings ?? [] as $building) {
            $labels->keepOff(...array_map(fn (Segment $side): array => [$this->at->at($side->from), $this->at->at($side->to)],
                $building->outline->sides));
        }
        // What matters most finds its place first.
        $machine = $this->machine($labels);
        $distances = $this->distances($labels);
        $items = array_map(fn (PlanItem $item): Link => $this->item($item, $labels), $this->plan->items ?? []);

        $ways = array_merge([], ...array_map(fn (Route $route): array => $this->route($route, $labels), $this->plan->routes));

        return new Drawing('Site plan', $this->at->sheet(self::FOOT), [
            new Layer('ground', $this->ground()),
            new Layer('zone', (new SiteZones($this->plan, $this->at))->around($this->place?->zones() ?? [])),
            new Layer('property', $lot),
            new Layer('buildings', $buildings),
            new Layer('equipment', $items),
            new Layer('ways', $ways),
            new Layer('distances', $distances),
            new Layer('machine', $machine),
            new Layer('notes', [...$this->notes(), ...$this->marks->snow($labels)]),
        ], (new SitePlanWords($this->design))->rows());
    }

    /** @return list<Point> everything that must be seen */
    private function points(): array
    {
        return [
            ...array_merge([], ...array_map(fn (PlannedBuilding $b): array => $b->corners, $this->plan->buildings ?? [])),
            ...$this->plan->property,
            ...array_merge([], ...array_map(fn (PlanItem $i): array => $i->area()->corners, $this->plan->items ?? [])),
            ...array_merge([], ...array_map(fn (Route $r): array => $r->points, $this->plan->routes)),
            ...$this->plan->flood,
            ...array_merge([], ...array_map(fn (PlannedPlace $each): array => $each->machine->corners, $this->design->places())),
        ];
    }

    /** @return list<Element> */
    private function ground(): array
    {
        $all = $this->at->plan();

        return [...$this->place === null ? [] : [new Rect($all, SiteInk::Ground)], ...$this->marks->flood()];
    }

    private function item(PlanItem $item, SiteLabels $labels): Link
    {
        $box = $this->at->box($item->area());
        $box = new Box($box->x, $box->y, max(6.0, $box->w), max(6.0, $box->h));

        return new Link(Spot::onPlan($item->id), 'site-link', '', $item->title(), '', false, [], [
            new Rect($box, $item->kind->isFlat() ? SiteInk::Buried : SiteInk::Thing, 2),
            $labels->beside($box, $item->title(), SiteInk::Note),
        ]);
    }

    /** @return list<Element> */
    private function route(Route $route, SiteLabels $labels): array
    {
        $ink = match ($route->kind) {
            RouteKind::Cord => SiteInk::Cord,
            RouteKind::Trench => SiteInk::Trench,
            RouteKind::Gas => SiteInk::Gas,
        };
        $longest = null;
        foreach (array_slice($route->points, 1) as $i => $point) {
            $leg = new Segment($route->points[$i], $point);
            $longest = $longest === null || $leg->length() > $longest->length() ? $leg : $longest;
        }

        return [
            new Path([Trace::through(...array_map($this->at->at(...), $route->points))], $ink),
            ...$longest === null ? [] : [$labels->along(
                array_map(fn (float $share): array => $this->at->at($longest->at($longest->length() * $share)), self::NAMED),
                $route->kind->words().' '.Say::figure($route->ft()).' ft', SiteInk::Note,
            )],
        ];
    }

    /** @return list<Element> */
    private function distances(SiteLabels $labels): array
    {
        $elements = [];
        foreach ($this->shown() as $row) {
            $words = Say::figure($row->ft()).' ft';
            $wide = mb_strlen($words) * self::LETTER * 1.3 + 6;
            $plate = $labels->roomiest(array_merge(...array_map(function (float $share) use ($row, $wide): array {
                [$x, $y] = $this->at->at($row->line->at($row->line->length() * $share));
                $box = fn (float $dx, float $dy): Box => new Box($x - $wide / 2 + $dx, $y - 10 + $dy, $wide, 20);

                return [$box(0, 0), $box($wide / 2 + 6, 0), $box(-$wide / 2 - 6, 0), $box(0, 18), $box(0, -18)];
            }, self::ALONG)));
            array_push(
                $elements, $this->at->line($row->line, $row->isBroken() ? SiteInk::Broken : SiteInk::Distance),
                new Rect($plate, SiteInk::Plate, 3), new Text(
                    $plate->centre(), $plate->middle() + 5, $words, $row->isBroken() ? SiteInk::BrokenFigure : SiteInk::Figure,
                    Anchor::Middle,
                ),
            );
        }

        return $elements;
    }

    /** @return list<PlaceRow> that are drawn: too short ones first, and none that is far out of the question */
    private function shown(): array
    {
        return array_slice(array_values(array_filter(
            array_merge([], ...array_map(fn (PlannedPlace $each): array => $each->telling(), $this->design->places())),
            fn (PlaceRow $row): bool => $row->isBroken() || (
                $row->ft() <= max(self::NEAR_FT, self::NEAR * $row->neededFt)
                && ! in_array($row->distance, [Distance::Service, Distance::ExhaustOpening], true)
            ),
        )), 0, self::SHOWN);
    }

    /** @return list<Element> */
    private function machine(SiteLabels $labels): array
    {
        if ($this->place === null) {
            return [];
        }
        $box = $this->at->box($this->place->machine);
        [$x, $y] = $this->at->at($this->place->exhaust);
        [$dx, $dy] = $this->away($this->place->spot->exhaust);
        $name = $this->design->job->generator->machine->name ?? '';
        $back = fn (float $across): array => [$x + $dx * 0.7 - $dy * $across, $y + $dy * 0.7 + $dx * $across];

        $spoken = "$name: drag it, or use the arrow keys";
        $worked = $this->place->workedAt();

        $labels->keepOff([[$x, $y], [$x + $dx, $y + $dy]]);
        $space = $worked === null ? [] : [new Path([$this->at->outline($worked)], SiteInk::Work)];

        return [...$space, ...$this->further(), new Link(Spot::onPlan('machine'), 'site-link site-drag', 'site-machine', $spoken, '',
            false, [
                'per-ft' => (string) $this->at->perFt,
            ], [
                new Rect($box, SiteInk::Machine, 2),
                new Path([
                    Trace::through([$x, $y], [$x + $dx, $y + $dy]), Trace::through($back(0.18), [$x + $dx, $y + $dy], $back(-0.18)),
                ], SiteInk::Exhaust),
                $labels->beside($box, $name, SiteInk::Name),
            ])];
    }

    /** @return list<Element> machines beside the first one, each with its number and where its exhaust leaves */
    private function further(): array
    {
        $elements = [];
        foreach (array_slice($this->design->places(), 1) as $n => $place) {
            $box = $this->at->box($place->machine);
            [$x, $y] = $this->at->at($place->exhaust);
            [$dx, $dy] = $this->away($place->spot->exhaust);
            array_push(
                $elements, new Rect($box, SiteInk::Machine, 2), new Path([Trace::through([$x, $y], [$x + $dx, $y + $dy])],
                    SiteInk::Exhaust),
                new Text($box->centre(), $box->middle() + 5, (string) ($n + 2), SiteInk::Name, Anchor::Middle),
            );
        }

        return $elements;
    }

    /** @return array{float, float} units from a side to where its exhaust is drawn to */
    private function away(PlanSide $side): array
    {
        return match ($side) {
            PlanSide::Right => [34.0, 0.0],
            PlanSide::Left => [-34.0, 0.0],
            PlanSide::Top => [0.0, -34.0],
            PlanSide::Bottom => [0.0, 34.0],
        };
    }

    /** @return list<Element> scale, north and the side of the snow */
    private function notes(): array
    {
        $y = $this->at->bottom() + 18;
        $ten = 10 * $this->at->perFt;
        $turn = deg2rad($this->plan->northDeg);
        $north = [$this->at->right() - 34, 40.0];
        $tip = fn (float $far, float $across = 0.0): array => [
            $north[0] + $far * sin($turn) + $across * cos($turn), $north[1] - $far * cos($turn) + $across * sin($turn),
        ];

        return [
            new Line(12, $y, 12 + $ten, $y, SiteInk::Scale), new Text(20 + $ten, $y + 5, '10 ft', SiteInk::Note),
            ...$this->place === null ? [] : [
                new Text(12, $y + 28, 'No part of the machine may stand inside the dashed edges.', SiteInk::Note),
            ],
            new Path(
                [Trace::through($tip(-14.0), $tip(12.0)), Trace::through($tip(4.0, -6.0), $tip(12.0), $tip(4.0, 6.0))], SiteInk::Scale,
            ),
            new Text($tip(24.0)[0], $tip(24.0)[1] + 5, 'N', SiteInk::Name, Anchor::Middle),
            ...$this->marks->fall(),
        ];
    }
}

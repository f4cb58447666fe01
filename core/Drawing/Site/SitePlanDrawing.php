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
use Underpin\Drawing\Element\Point as Corner;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Spot;
use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;
use Underpin\Placement\Distance;
use Underpin\Placement\PlaceRow;
use Underpin\Placement\PlannedPlace;
use Underpin\Placement\Zone;
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
        [$lot, $buildings] = [$this->lot(), array_merge([], ...array_map($this->building(...), $this->plan->buildings ?? []))];
        $labels = new SiteLabels($this->ofPlan());
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
            new Layer('zone', $this->zones()),
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
        $all = $this->ofPlan();

        return [...$this->place === null ? [] : [new Rect($all, SiteInk::Ground)], ...$this->marks->flood()];
    }

    /** @return list<Element> each forbidden shape at its exact offset: edges first, so that only those of the whole stay in sight */
    private function zones(): array
    {
        $traces = [];
        foreach ($this->place?->zones() ?? [] as $zone) {
            array_push($traces, ...array_filter(array_map(
                fn (Trace $trace): ?Trace => Clip::within($this->ofPlan(), $trace), $this->traces($zone),
            )));
        }

        return $traces === [] ? [] : [
            new Path($traces, SiteInk::ZoneEdge), new Path($traces, SiteInk::Zone),
            ...$this->plan->lot === null ? [] : [new Path([
                Trace::around($this->ofPlan()),
                $this->outline(new Polygon(array_reverse($this->plan->lot->clockwise()->corners))),
            ], SiteInk::Outside)],
        ];
    }

    /**
     * The area itself, and around each of its sides all that is nearer than the distance. All run clockwise, so that what lies under two
     * of them is painted as well.
     *
     * @return list<Trace>
     */
    private function traces(Zone $zone): array
    {
        $r = $zone->ft * $this->at->perFt;
        $traces = $zone->area === null ? [] : [$this->outline($zone->area->clockwise())];
        foreach ($zone->lines as $line) {
            if ($r > 0 && $line->length() <= 0) {
                [$x, $y] = $this->at->at($line->from);
                $traces[] = Trace::closed([new Corner($x - $r, $y, 1.0), new Corner($x + $r, $y, 1.0)]);
            } elseif ($r > 0) {
                [$x1, $y1] = $this->at->at($line->from);
                [$x2, $y2] = $this->at->at($line->to);
                $nx = ($y2 - $y1) / ($line->length() * $this->at->perFt) * $r;
                $ny = -($x2 - $x1) / ($line->length() * $this->at->perFt) * $r;
                $traces[] = Trace::closed([
                    new Corner($x1 + $nx, $y1 + $ny),
                    new Corner($x2 + $nx, $y2 + $ny, 1.0),
                    new Corner($x2 - $nx, $y2 - $ny),
                    new Corner($x1 - $nx, $y1 - $ny, 1.0),
                ]);
            }
        }

        return $traces;
    }

    private function outline(Polygon $area): Trace
    {
        return Trace::closed(array_map(fn (Point $p) => $this->at->corner($p), $area->corners));
    }

    /** @return list<Element> */
    private function lot(): array
    {
        return $this->plan->lot === null ? [] : [
            new Path([$this->outline($this->plan->lot)], SiteInk::Lot),
            ...array_map(fn (Segment $side): Text => $this->along(
                $side, Say::figure($side->length()).' ft', $this->plan->lot,
            ), $this->plan->lot->sides),
        ];
    }

    /** @return list<Element> */
    private function building(PlannedBuilding $building): array
    {
        $ink = $building->kind === BuildingKind::House ? SiteInk::House : SiteInk::Building;
        $corners = $building->corners;
        $middle = new Point(
            array_sum(array_map(fn (Point $p): float => $p->x, $corners)) / count($corners),
            array_sum(array_map(fn (Point $p): float => $p->y, $corners)) / count($corners),
        );
        [$x, $y] = $this->at->at($middle);
        $room = self::width($building->outline) * $this->at->perFt - 12;
        $burns = match ($building->burns) {
            true => 'combustible',
            false => 'not combustible',
            null => 'walls: not looked',
        };

        // The words stand beside the link, which is called by the whole name: what is cut to fit is no name.
        return [new Link(Spot::onPlan($building->id), 'site-link', '', $building->name, '', false, [], [
            new Path([$this->outline($building->outline)], $ink),
            ...array_map(fn ($opening): Line => $this->line($building->line($opening), SiteInk::Opening), $building->openings),
        ]), ...array_map(
            fn (Segment $side, int $i): Text => $this->along($side, $i + 1 .': '.Say::figure($side->length()).' ft', $building->outline),
            $building->outline->sides, array_keys($building->outline->sides),
        ), new Text(
            $x, $y, mb_strimwidth($building->name, 0, max(3, (int) ($room / self::LETTER / 1.25)), '…'), SiteInk::Name, Anchor::Middle,
        ), new Text($x, $y + 17, mb_strlen($burns) * self::LETTER > $room ? '' : $burns, SiteInk::Note, Anchor::Middle)];
    }

    /** Words inside an area along one of its sides, where there is room for them. */
    private function along(Segment $side, string $words, Polygon $area): Text
    {
        $across = $side->length() > 0 ? [
            ($side->to->y - $side->from->y) / $side->length(), ($side->from->x - $side->to->x) / $side->length(),
        ] : [0.0, 0.0];
        $isUpright = abs($across[0]) > abs($across[1]);
        // Beside an upright side there may be another one, and a name between them.
        $middle = $side->at($side->length() * ($isUpright ? 0.2 : 0.5));
        $room = ($isUpright ? self::width($area) / 2 : $side->length()) * $this->at->perFt;
        $inward = $area->contains($middle->moved($across[0] * 0.1, $across[1] * 0.1)) ? 1 : -1;
        $wide = mb_strlen($words) * self::LETTER;
        [$x, $y] = $this->at->at($middle);

        return new Text(
            $x + $inward * $across[0] * ($wide / 2 + 7), $y - $inward * $across[1] * 14 + 5,
            min($room, $side->length() * $this->at->perFt - ($isUpright ? 60 : 0)) < $wide + 12 ? '' : $words, SiteInk::Note,
            Anchor::Middle,
        );
    }

    private function item(PlanItem $item, SiteLabels $labels): Link
    {
        $box = $this->box($item->area());
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
                $elements, $this->line($row->line, $row->isBroken() ? SiteInk::Broken : SiteInk::Distance),
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
        $box = $this->box($this->place->machine);
        [$x, $y] = $this->at->at($this->place->exhaust);
        [$dx, $dy] = $this->away($this->place->spot->exhaust);
        $name = $this->design->job->generator->machine->name ?? '';
        $back = fn (float $across): array => [$x + $dx * 0.7 - $dy * $across, $y + $dy * 0.7 + $dx * $across];

        $spoken = "$name: drag it, or use the arrow keys";
        $worked = $this->place->workedAt();

        $labels->keepOff([[$x, $y], [$x + $dx, $y + $dy]]);
        $space = $worked === null ? [] : [new Path([$this->outline($worked)], SiteInk::Work)];

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
            $box = $this->box($place->machine);
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

    private function line(Segment $line, SiteInk $ink): Line
    {
        return new Line(...[...$this->at->at($line->from), ...$this->at->at($line->to), $ink]);
    }

    /** Feet, from its leftmost corner to its rightmost. */
    private static function width(Polygon $area): float
    {
        $xs = array_map(fn (Point $p): float => $p->x, $area->corners);

        return max([-INF, ...$xs]) - min([INF, ...$xs]);
    }

    /** All of the sheet above its foot. */
    private function ofPlan(): Box
    {
        return new Box(0, 0, $this->at->right(), $this->at->bottom());
    }

    private function box(Polygon $rectangle): Box
    {
        [$low, $high] = [$rectangle->corners[0], $rectangle->corners[2]];

        return new Box(
            $this->at->x($low->x), $this->at->y($high->y), ($high->x - $low->x) * $this->at->perFt, ($high->y - $low->y) * $this->at->perFt,
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point as Corner;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Spot;
use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\SitePlan;
use Underpin\Say;

/** The lot and the buildings on it, with the lengths of their sides, their openings and what they are called. */
final readonly class SiteBuildings
{
    public function __construct(private SitePlan $plan, private SiteScale $at)
    {
    }

    /** @return list<Element> */
    public function lot(): array
    {
        return $this->plan->lot === null ? [] : [
            new Path([$this->at->outline($this->plan->lot)], SiteInk::Lot),
            ...array_map(fn (Segment $side): Text => $this->along(
                $side, Say::figure($side->length()).' ft', $this->plan->lot,
            ), $this->plan->lot->sides),
        ];
    }

    /** @return list<Element> */
    public function all(): array
    {
        return array_merge([], ...array_map($this->building(...), $this->plan->buildings ?? []));
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
            new Path([$this->at->outline($building->outline)], $ink),
            ...array_map(fn ($opening): Line => $this->at->line($building->line($opening), SiteInk::Opening), $building->openings),
        ]), ...array_map(
            fn (Segment $side, int $i): Text => $this->along($side, $i + 1 .': '.Say::figure($side->length()).' ft', $building->outline),
            $building->outline->sides, array_keys($building->outline->sides),
        ), new Text(
            $x, $y, mb_strimwidth($building->name, 0, max(3, (int) ($room / SiteLabels::LETTER / 1.25)), '…'), SiteInk::Name,
            Anchor::Middle,
        ), new Text($x, $y + 17, mb_strlen($burns) * SiteLabels::LETTER > $room ? '' : $burns, SiteInk::Note, Anchor::Middle)];
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
        $wide = mb_strlen($words) * SiteLabels::LETTER;
        [$x, $y] = $this->at->at($middle);

        return new Text(
            $x + $inward * $across[0] * ($wide / 2 + 7), $y - $inward * $across[1] * 14 + 5,
            min($room, $side->length() * $this->at->perFt - ($isUpright ? 60 : 0)) < $wide + 12 ? '' : $words, SiteInk::Note,
            Anchor::Middle,
        );
    }

    /** Feet, from its leftmost corner to its rightmost. */
    private static function width(Polygon $area): float
    {
        $xs = array_map(fn (Point $p): float => $p->x, $area->corners);

        return max([-INF, ...$xs]) - min([INF, ...$xs]);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Geometry\Point;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\SitePlan;
use Underpin\Say;

/** What water and snow do on a site: the flood line, where the ground falls to, where snow comes down. */
final readonly class GroundMarks
{
    private const SNOW = 'snow comes down on this side';

    public function __construct(private SitePlan $plan, private SiteScale $at)
    {
    }

    /** @return list<Element> */
    public function flood(): array
    {
        $flooded = $this->plan->flooded;
        if ($flooded === null) {
            return [];
        }
        [$x, $y] = $this->at->at($flooded->corners[0]);

        return [
            new Path([Trace::closed(array_map(fn (Point $p) => $this->at->corner($p), $flooded->corners))], SiteInk::Flood),
            new Text(
                $x + 6, $y - 6, 'flood line'.($this->plan->floodIn === null ? '' : ', water '.Say::figure($this->plan->floodIn).' in'),
                SiteInk::FloodNote,
            ),
        ];
    }

    /** @return list<Element> an arrow down the slope, in the corner that is left free */
    public function fall(): array
    {
        $side = $this->plan->fallSide;
        if ($side === null) {
            return [];
        }
        [$dx, $dy] = match ($side) {
            PlanSide::Right => [1.0, 0.0],
            PlanSide::Left => [-1.0, 0.0],
            PlanSide::Top => [0.0, -1.0],
            PlanSide::Bottom => [0.0, 1.0],
        };
        [$x, $y] = [$this->at->right() - 84, 92.0];
        $at = fn (float $along, float $across): array => [$x + $dx * $along - $dy * $across, $y + $dy * $along + $dx * $across];

        return [
            new Path([Trace::through($at(-18, 0), $at(18, 0)), Trace::through($at(9, -6), $at(18, 0), $at(9, 6))], SiteInk::Scale),
            new Text(
                $x, $y + 34, 'ground falls'.($this->plan->fallPct === null ? '' : ' '.Say::figure($this->plan->fallPct).' %'),
                SiteInk::Note,
                Anchor::Middle,
            ),
        ];
    }

    /** @return list<Element> somewhere along that side, where there is room */
    public function snow(SiteLabels $labels): array
    {
        $side = $this->plan->snowSide;
        if ($side === null) {
            return [];
        }
        $texts = array_map(function (float $share) use ($side): Text {
            [$x, $y, $anchor] = match ($side) {
                PlanSide::Left => [8.0, $this->at->bottom() * $share, Anchor::Start],
                PlanSide::Right => [$this->at->right() - 8, $this->at->bottom() * $share, Anchor::End],
                PlanSide::Top => [$this->at->right() * $share, 18.0, Anchor::Middle],
                PlanSide::Bottom => [$this->at->right() * $share, $this->at->bottom() - 8, Anchor::Middle],
            };

            return new Text($x, $y, self::SNOW, SiteInk::Note, $anchor);
        }, [0.45, 0.35, 0.55, 0.25, 0.65, 0.2, 0.75, 0.15, 0.85]);

        return [$labels->roomFor($texts)];
    }
}

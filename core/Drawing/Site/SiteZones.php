<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point as Corner;
use Underpin\Drawing\Element\Trace;
use Underpin\Geometry\Polygon;
use Underpin\Job\Plan\SitePlan;
use Underpin\Placement\Zone;

/** Where no part of the machine may stand: all that is nearer to something than what is kept from it, within the lot. */
final readonly class SiteZones
{
    public function __construct(private SitePlan $plan, private SiteScale $at)
    {
    }

    /**
     * @param  list<Zone>  $zones
     * @return list<Element> each forbidden shape at its exact offset: edges first, so that only those of the whole stay in sight
     */
    public function around(array $zones): array
    {
        $traces = [];
        foreach ($zones as $zone) {
            array_push($traces, ...array_filter(array_map(
                fn (Trace $trace): ?Trace => Clip::within($this->at->plan(), $trace), $this->traces($zone),
            )));
        }

        return $traces === [] ? [] : [
            new Path($traces, SiteInk::ZoneEdge), new Path($traces, SiteInk::Zone),
            ...$this->plan->lot === null ? [] : [new Path([
                Trace::around($this->at->plan()),
                $this->at->outline(new Polygon(array_reverse($this->plan->lot->clockwise()->corners))),
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
        $traces = $zone->area === null ? [] : [$this->at->outline($zone->area->clockwise())];
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
}

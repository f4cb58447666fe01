<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Design\Design;
use Underpin\Geometry\Point;
use Underpin\Say;

/** The site plan as a table: for who cannot see it, and for who copies from it. */
final readonly class SitePlanWords
{
    public function __construct(private Design $design)
    {
    }

    /** @return list<list<string>> */
    public function rows(): array
    {
        $plan = $this->design->job->plan;
        $rows = [['What', 'Where, ft', 'Size, ft', 'Notes']];
        foreach ($plan->buildings ?? [] as $building) {
            $rows[] = [
                $building->name,
                implode(' ', array_map(fn (Point $p): string => Say::figure($p->x).','.Say::figure($p->y), $building->corners)),
                number_format($building->outline->area()).' ft²', $building->kind->words(),
            ];
            foreach ($building->openings as $opening) {
                $rows[] = [
                    "{$opening->title()}, $building->name", "wall $opening->wall, ".Say::figure($opening->fromFt).' from its corner',
                    Say::figure($opening->widthFt).' wide', $opening->kind->words(),
                ];
            }
        }
        foreach ($plan->items ?? [] as $item) {
            $rows[] = [
                $item->title(), Say::figure($item->x).','.Say::figure($item->y), Say::figure($item->w).' × '.Say::figure($item->d),
                $item->kind->words(),
            ];
        }
        foreach (array_slice($this->design->places(), 1) as $n => $place) {
            $rows[] = [
                'machine '.($n + 2), Say::figure($place->spot->x).','.Say::figure($place->spot->y),
                implode(' × ', array_map(Say::figure(...), $place->padFt())), "exhaust to the {$place->spot->exhaust->value}",
            ];
        }
        if ($plan->flood !== []) {
            $rows[] = [
                'flood line', implode(' ', array_map(fn (Point $p): string => Say::figure($p->x).','.Say::figure($p->y),
                    $plan->flood)), '',
                $plan->floodIn === null ? 'height of the water not known' : 'water '.Say::figure($plan->floodIn).' in',
            ];
        }
        foreach ($this->design->place()?->rows() ?? [] as $row) {
            $rows[] = [
                "from the machine: $row->what", Say::figure($row->ft()).' away', Say::figure($row->neededFt).' kept',
                ($row->isBroken() ? 'too near; ' : '').$row->source->words($this->design->job->authority->rules->edition),
            ];
        }
        foreach ($plan->routes as $route) {
            $rows[] = [$route->kind->words(), count($route->points) - 1 .' straight parts', Say::figure($route->ft()).' long', ''];
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Job\Plan\SitePlan;

/** What a distance of the plan is called after: a wall, an opening, another machine, the property line. */
final readonly class PlaceNames
{
    /** @var array<string, string> by id */
    private array $names;

    public function __construct(private SitePlan $plan, private bool $isStandby)
    {
        $names = ['property' => 'property line'];
        foreach ($this->plan->spots() as $n => $spot) {
            $names['machine-'.($n + 1)] = 'machine '.($n + 1);
        }
        foreach ($this->plan->buildings ?? [] as $building) {
            $names[$building->id] = $building->name;
            foreach ($building->openings as $opening) {
                $names[$opening->id] = "{$opening->title()}, $building->name";
            }
        }
        foreach ($this->plan->items ?? [] as $item) {
            $names[$item->id] = $item->title();
        }
        $this->names = $names;
    }

    public function of(Gap $gap): string
    {
        $name = $this->names[$gap->id] ?? $gap->id;
        $burns = $this->plan->building($gap->id)?->burns;

        return match ($gap->distance) {
            Distance::Wall => "wall of $name".($this->isStandby && $burns === null ? ', not looked whether it burns' : ''),
            Distance::Service => "working space: $name",
            Distance::ExhaustOpening => "exhaust to $name",
            Distance::Opening, Distance::Property => $name,
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;

/** What gets power when some panels are fed, and what of that which must run does not. */
final readonly class Reach
{
    /**
     * @param  list<Circuit>  $powers  of those that must run or may when there is room
     * @param  list<Circuit>  $dead  that must run and stay without power
     */
    private function __construct(public array $powers, public array $dead)
    {
    }

    /** @param  list<Panel>  $fed */
    public static function of(Situation $situation, array $fed): self
    {
        $reached = array_merge([], ...array_map(fn (Panel $panel): array => $panel->circuits, $fed));

        return self::within($situation, $reached);
    }

    /** @param  list<Circuit>  $reached */
    public static function within(Situation $situation, array $reached): self
    {
        $ids = array_map(fn (Circuit $c): string => $c->id, $reached);
        $feeds = fn (Circuit $c): bool => in_array($c->id, $ids, true) && ($situation->supply?->canFeed($c) ?? true);
        $plan = $situation->plan;

        return new self(
            array_values(array_filter([...$plan->must, ...$plan->room], $feeds)),
            array_values(array_filter($plan->must, fn (Circuit $c): bool => ! $feeds($c))),
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Panel;

/** What the owner does at the panels that come on together. */
final class PanelSteps
{
    /**
     * @param  list<Panel>  $fed
     * @return list<OwnerStep> one for each
     */
    public static function allOff(array $fed): array
    {
        return array_map(fn (Panel $panel): OwnerStep => new OwnerStep(
            "At $panel->name: turn off every circuit breaker.", 'All of it would come on at once.',
        ), $fed);
    }

    public static function oneByOne(): OwnerStep
    {
        return new OwnerStep(
            'Now go down the list: one breaker at a time, and wait as long as it says.', 'All at once stalls the engine.',
        );
    }
}

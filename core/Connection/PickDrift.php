<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Circuit;
use Underpin\Say;

/** What has changed since a way was picked: the machine, and what must run. */
final class PickDrift
{
    /** @return list<string> sentences; none: nothing has, or it was not kept */
    public static function of(Situation $situation): array
    {
        $for = $situation->job->connection->pickedFor;
        if ($for === null) {
            return [];
        }
        $machine = $situation->job->generator->machine;
        $must = $situation->plan->must;
        $ids = array_map(fn (Circuit $c): string => $c->id, $must);
        $new = array_filter($must, fn (Circuit $c): bool => ! in_array($c->id, $for->must, true));
        $gone = array_diff($for->must, $ids);
        $named = array_filter($situation->job->circuits(), fn (Circuit $c): bool => in_array($c->id, $gone, true));

        return array_values(array_filter([
            $for->machine === ($machine->id ?? '') ? '' : ($machine === null
                ? 'The machine that it was picked with is not picked any more.'
                : ($for->machine === '' ? "$machine->name was picked since." : "Another machine is picked since: $machine->name.")),
            $new === [] ? '' : self::titles($new).' must run since.',
            $gone === [] ? '' : ($named === [] ? Say::count(count($gone), 'circuit') : self::titles($named)).' need not run any more.',
        ]));
    }

    /** @param  array<int, Circuit>  $circuits */
    private static function titles(array $circuits): string
    {
        return Say::list(array_values(array_map(fn (Circuit $c): string => $c->title(), $circuits)));
    }
}

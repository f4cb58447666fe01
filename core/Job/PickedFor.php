<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What a way of connecting was picked for: when one of that changes, the pick is looked at again. */
final readonly class PickedFor
{
    /**
     * @param  string  $machine  id of the machine; empty: none was picked
     * @param  list<string>  $must  ids of the circuits that had to run
     */
    public function __construct(public string $machine = '', public array $must = [])
    {
    }
}

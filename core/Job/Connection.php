<?php

declare(strict_types=1);

namespace Underpin\Job;

/** How the generator is to come to the loads. */
final readonly class Connection
{
    /** @param  ?string  $way  key of the way of connecting; null: none picked */
    public function __construct(public ?string $way = null, public StartRoutine $routine = StartRoutine::WarmFirst)
    {
    }
}

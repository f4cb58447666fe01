<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What may be added to the house later. It is not there, and nothing but the question whether it would still hold looks at it. */
final readonly class Growth
{
    public const MOST = 10;

    /** @param  list<GrowthLoad>  $loads */
    public function __construct(public array $loads = [])
    {
    }
}

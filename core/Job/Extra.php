<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Something that is offered besides what the design takes. */
final readonly class Extra
{
    /** @param  float  $usd  negative: taken off */
    public function __construct(public string $id, public string $what, public float $usd)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** A circuit, by its place in the panel's list, that cannot sit where it is said to. */
final readonly class PositionFault
{
    public function __construct(public int $circuit, public string $field, public string $message)
    {
    }
}

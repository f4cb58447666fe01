<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** What is read and when: enough for an instrument that reads by itself. */
final readonly class Probe
{
    public function __construct(public Quantity $quantity, public Condition $condition)
    {
    }
}

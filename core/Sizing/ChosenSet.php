<?php

declare(strict_types=1);

namespace Underpin\Sizing;

/** The loads that run together, in the order they were given, and what they put on the legs. */
final readonly class ChosenSet
{
    /** @param  list<string>  $ids */
    public function __construct(public array $ids, public float $worth, public float $aAmps, public float $bAmps)
    {
    }
}

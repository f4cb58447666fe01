<?php

declare(strict_types=1);

namespace Underpin\Loads;

/** The legs at the moment one load starts, in amperes. */
final readonly class StartStep
{
    public function __construct(public string $id, public float $aAmps, public float $bAmps)
    {
    }
}

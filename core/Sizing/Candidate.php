<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Legs\Leg;
use Underpin\Refused;

/** A load that may or may not be among those that run together, and what having it is worth. */
final readonly class Candidate
{
    public function __construct(public string $id, public Leg $leg, public float $amps, public float $worth)
    {
        if ($amps < 0) {
            throw new Refused('amps', 'amps must not be below 0.');
        }
        if ($worth < 0) {
            throw new Refused('worth', 'worth must not be below 0.');
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Drawing\Strip;

/** A labelled mark on the leg strip's scale, in amperes. */
final readonly class Tick
{
    public function __construct(public string $label, public float $amps, public bool $hard)
    {
    }
}

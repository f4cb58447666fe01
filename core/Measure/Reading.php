<?php

declare(strict_types=1);

namespace Underpin\Measure;

/** What both clamps read at one moment: milliseconds since the recording began, amperes. */
final readonly class Reading
{
    public function __construct(public int $atMs, public float $aAmps, public float $bAmps)
    {
    }
}

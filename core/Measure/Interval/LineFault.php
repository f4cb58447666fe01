<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

use Underpin\Refused;

/** What is wrong in a line of a file of readings: nothing of it is kept then. */
final class LineFault
{
    public static function of(int $line, string $why): Refused
    {
        return new Refused('file', 'Line '.number_format($line)." $why. Nothing was kept.");
    }
}

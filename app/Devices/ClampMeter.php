<?php

declare(strict_types=1);

namespace App\Devices;

use Underpin\Measure\Reading;

/** Two clamps on the mains, ten readings a second, that remember the last minutes. */
interface ClampMeter
{
    public const STEP_MS = 100;

    public const MEMORY_MS = 900_000;

    /**
     * Readings after a moment, oldest first; what is older than the memory is gone.
     *
     * @param  int  $sinceMs  milliseconds since 1970
     * @param  int  $nowMs  the same
     * @return list<Reading> with milliseconds since 1970
     */
    public function readings(int $sinceMs, int $nowMs): array;
}

<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\StandInMeter;
use Underpin\Loads\Measure\Reading;

/** Reads the stand-in house of a job. */
final readonly class StandInClampMeter implements ClampMeter
{
    public function __construct(private StandInMeter $meter)
    {
    }

    public function readings(int $sinceMs, int $nowMs): array
    {
        $house = $this->meter->house();
        $from = max($sinceMs + 1, $nowMs - self::MEMORY_MS);
        $readings = [];
        for ($ms = intdiv($from + self::STEP_MS - 1, self::STEP_MS) * self::STEP_MS; $ms <= $nowMs; $ms += self::STEP_MS) {
            $readings[] = $house->read($ms);
        }

        return array_values(array_filter($readings, fn (Reading $r): bool => $r->atMs > $sinceMs));
    }
}

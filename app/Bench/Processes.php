<?php

declare(strict_types=1);

namespace App\Bench;

/** The processes that serve an installation, as the system tells of them. */
final readonly class Processes
{
    /** The most memory that one of php-fpm or the worker has ever had, in MB. */
    public static function largestMb(string $stack): float
    {
        $marks = ['php-fpm: pool underpin-'.substr(md5($stack), 0, 12), "queue:work\0--name=$stack"];
        $most = 0.0;
        foreach (glob('/proc/[0-9]*') ?: [] as $process) {
            $words = (string) @file_get_contents("$process/cmdline");
            $isOurs = array_filter($marks, fn (string $mark): bool => str_contains($words, $mark)) !== [];
            if ($isOurs && preg_match('/^VmHWM:\s+(\d+) kB/m', (string) @file_get_contents("$process/status"), $found) === 1) {
                $most = max($most, (int) $found[1] / 1e3);
            }
        }

        return $most;
    }
}

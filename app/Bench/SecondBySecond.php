<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Outage\Simulation\PlainResult;

/** An outage by stepping through every second of it, as plainly as that can be done: what the event-driven one is held against. */
final class SecondBySecond
{
    /**
     * @param  list<array{a: float, b: float, w: float, startA: float, startB: float, startW: float, startS: int, onS: int, offS: int, fromS: int}>  $loads
     *                                                                                                                                     whole seconds; watts, and amperes on either leg
     */
    public static function of(array $loads, int $seconds, float $runAmps, float $surgeAmps): PlainResult
    {
        $peakA = $peakB = $peakAAt = $peakBAt = 0.0;
        $overRun = $overSurge = $energy = $hour = $busiest = 0.0;
        $starts = 0;
        for ($at = 0; $at < $seconds; $at++) {
            $a = $b = $watts = 0.0;
            foreach ($loads as $load) {
                $since = $at - $load['fromS'];
                if ($since < 0) {
                    continue;
                }
                $into = $load['offS'] === 0 ? $since : $since % ($load['onS'] + $load['offS']);
                if ($load['offS'] > 0 && $into >= $load['onS']) {
                    continue;
                }
                $starts += $into === 0 ? 1 : 0;
                if ($into < $load['startS']) {
                    $a += $load['startA'];
                    $b += $load['startB'];
                    $watts += $load['startW'];
                } else {
                    $a += $load['a'];
                    $b += $load['b'];
                    $watts += $load['w'];
                }
            }
            if ($a > $peakA + 1e-9) {
                [$peakA, $peakAAt] = [$a, (float) $at];
            }
            if ($b > $peakB + 1e-9) {
                [$peakB, $peakBAt] = [$b, (float) $at];
            }
            $worst = max($a, $b);
            $overRun += $worst > $runAmps + 1e-9 ? 1 : 0;
            $overSurge += $worst > $surgeAmps + 1e-9 ? 1 : 0;
            $energy += $watts;
            if ($at % 3600 === 0) {
                $busiest = max($busiest, $hour);
                $hour = 0.0;
            }
            $hour += $watts;
        }

        return new PlainResult($peakA, $peakAAt, $peakB, $peakBAt, $overRun, $overSurge, $energy, $starts, max($busiest, $hour));
    }
}

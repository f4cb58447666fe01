<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Outage\Simulation\PlainResult;

/** An outage by stepping through every second of it, as plainly as that can be done: what the event-driven one is held against. */
final class SecondBySecond
{
    /** @param  list<Cycle>  $loads  each starts for a second */
    public static function of(array $loads, int $seconds, float $runAmps, float $surgeAmps): PlainResult
    {
        $peakA = $peakB = $peakAAt = $peakBAt = 0.0;
        $overRun = $overSurge = $energy = $hour = $busiest = 0.0;
        $starts = 0;
        for ($at = 0; $at < $seconds; $at++) {
            $a = $b = $watts = 0.0;
            foreach ($loads as $load) {
                $since = $at - $load->fromS;
                $into = $since < 0 ? PHP_INT_MAX : $since % ($load->onS + $load->offS);
                if ($into >= $load->onS) {
                    continue;
                }
                $times = $into === 0 ? Cycle::STARTS : 1;
                $starts += $into === 0 ? 1 : 0;
                $a += $load->leg->onA() ? $times * $load->amps : 0.0;
                $b += $load->leg->onB() ? $times * $load->amps : 0.0;
                $watts += $times * $load->watts;
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

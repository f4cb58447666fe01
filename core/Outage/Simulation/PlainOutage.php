<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use SplMinHeap;
use Underpin\Codebook\SplitPhase;
use Underpin\Limit;

/**
 * An outage in which loads cycle by themselves: what both legs carry, from change to change. Its cost grows with the number of changes,
 * not with the length of time.
 */
final class PlainOutage
{
    /** A later peak counts only when it is higher by more than this. */
    private const SAME_AMPS = 1e-9;

    /** Two changes as close as this, beside the time that has passed, are one: 0.1 + 0.2 and 0.3 are the same second. */
    private const SAME_TIME = 1e-12;

    private const HOUR_S = 3600.0;

    private readonly LegSums $sums;

    private float $now = 0.0;

    private int $starts = 0;

    /** @var array{array{float, float}, array{float, float}} highest amperes of either leg, and when */
    private array $peaks = [[0.0, 0.0], [0.0, 0.0]];

    private float $overRunS = 0.0;

    private float $overSurgeS = 0.0;

    private float $energyWs = 0.0;

    /** watt-seconds of the clock hour that is running, and of the busiest so far */
    private float $hourWs = 0.0;

    private float $busiestWs = 0.0;

    /** @param  list<CyclingLoad>  $loads */
    private function __construct(private readonly array $loads, private readonly float $runAmps, private readonly float $surgeAmps)
    {
        $this->sums = new LegSums(count($loads));
    }

    /**
     * @param  list<CyclingLoad>  $loads
     * @param  float  $durationS  over 0
     * @param  float  $runW  running watts of the machine, over 0; a leg has half of them
     * @param  float  $surgeW  what it gives for a moment
     */
    public static function of(array $loads, float $durationS, float $runW, float $surgeW): PlainResult
    {
        $outage = new self($loads, $runW / SplitPhase::BETWEEN_LEGS_V, $surgeW / SplitPhase::BETWEEN_LEGS_V);
        $outage->run($durationS);

        return new PlainResult(
            ...$outage->peaks[0], ...$outage->peaks[1], ...[
                $outage->overRunS, $outage->overSurgeS, $outage->energyWs, $outage->starts, max($outage->busiestWs, $outage->hourWs),
            ],
        );
    }

    private function run(float $durationS): void
    {
        /** @var SplMinHeap<array{float, int, int, int}> $next when, which load, which of its cycles, and on, started or off */
        $next = new SplMinHeap;
        foreach ($this->loads as $i => $load) {
            $this->plan($next, $load->cycle(0), $i, 0, 0);
        }
        while (! $next->isEmpty()) {
            [$at, $i, $cycle, $step] = $next->extract();
            if ($at >= $durationS) {
                break;
            }
            $this->passTo($at);
            $load = $this->loads[$i];
            [, $started, $off] = $load->cycle($cycle) ?? [0.0, 0.0, 0.0];
            $this->starts += $step === 0 ? 1 : 0;
            if ($step < 2 && $at < $off) {
                $isStart = $step === 0 && $started > $at;
                $this->draw($i, $isStart ? $load->startW : $load->runW, $isStart ? $load->startAmps : $load->runAmps);
                $next->insert($isStart ? [$started, $i, $cycle, 1] : [$off, $i, $cycle, 2]);
            } else {
                $this->draw($i, 0.0, 0.0);
                $this->plan($next, $load->cycle($cycle + 1), $i, $cycle + 1, 0);
            }
        }
        $this->passTo($durationS);
    }

    /**
     * @param  SplMinHeap<array{float, int, int, int}>  $next
     * @param  ?array{float, float, float}  $times
     */
    private function plan(SplMinHeap $next, ?array $times, int $load, int $cycle, int $step): void
    {
        if ($times !== null) {
            $next->insert([$times[$step], $load, $cycle, $step]);
        }
    }

    private function draw(int $load, float $watts, float $amps): void
    {
        $leg = $this->loads[$load]->leg;
        $this->sums->set($load, [$watts, $leg->onA() ? $amps : 0.0, $leg->onB() ? $amps : 0.0]);
    }

    /** What is on now stays on until then. */
    private function passTo(float $then): void
    {
        $passed = $then - $this->now;
        if ($passed <= self::SAME_TIME * max(1.0, $then)) {
            return;
        }
        [$watts, $a, $b] = $this->sums->sum();
        foreach ([$a, $b] as $leg => $amps) {
            if ($amps > $this->peaks[$leg][0] + self::SAME_AMPS) {
                $this->peaks[$leg] = [$amps, $this->now];
            }
        }
        $worst = max($a, $b);
        $this->overRunS += Limit::over($worst, $this->runAmps) ? $passed : 0.0;
        $this->overSurgeS += Limit::over($worst, $this->surgeAmps) ? $passed : 0.0;
        $this->energyWs += $watts * $passed;
        $this->addToHours($watts, $then);
        $this->now = $then;
    }

    /** However many whole hours pass without a change: one stands for all. */
    private function addToHours(float $watts, float $then): void
    {
        $end = (floor($this->now / self::HOUR_S) + 1) * self::HOUR_S;
        if ($then < $end) {
            $this->hourWs += $watts * ($then - $this->now);

            return;
        }
        $this->busiestWs = max($this->busiestWs, $this->hourWs + $watts * ($end - $this->now));
        $last = floor($then / self::HOUR_S) * self::HOUR_S;
        if ($last > $end) {
            $this->busiestWs = max($this->busiestWs, $watts * self::HOUR_S);
        }
        $this->hourWs = $watts * ($then - $last);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Codebook\SplitPhase;
use Underpin\Job\Circuit;
use Underpin\Limit;
use Underpin\Loads\Plan;
use Underpin\Say;

/**
 * The size of machine that what must run asks for, before any is picked. Good practice: by the leg that carries more, with the job's
 * margin, and by the worst start, of which a machine gives about a quarter more than its running watts for a moment.
 */
final readonly class MachineClass
{
    /** running watts that machines are commonly made in */
    private const SIZES_W = [
        2_000, 3_000, 4_000, 5_000, 6_000, 7_500, 9_000, 11_000, 14_000, 18_000, 22_000, 26_000, 32_000, 38_000, 48_000, 60_000, 80_000,
        100_000, 150_000,
    ];

    private const MOMENT = 1.25;

    /** What two people can still move and one cord carries. */
    private const LARGEST_PORTABLE_W = 14_000;

    /** watts that it must give for hours */
    public float $runW;

    /** watts for the moment of the worst start, in the best order */
    public float $startW;

    /** what is not counted, because nobody knows it; empty: nothing */
    private string $missing;

    /** something that must run needs both legs */
    public bool $needsBothLegs;

    private function __construct(Plan $plan, float $marginPct)
    {
        $this->runW = $plan->running->worstAmps() * SplitPhase::BETWEEN_LEGS_V / (1 - $marginPct / 100);
        $this->startW = $plan->worstStarting()->peakAmps() * SplitPhase::BETWEEN_LEGS_V;
        $this->missing = $plan->missingWords();
        $this->needsBothLegs = array_filter($plan->must, fn (Circuit $c): bool => $c->needsBothLegs()) !== [];
    }

    /** @param  float  $marginPct  0 to below 100, of the running limit that stays free */
    public static function of(Plan $plan, float $marginPct): self
    {
        return new self($plan, $marginPct);
    }

    /** Running watts of the class; null: no single machine is made as large. */
    public function watts(): ?int
    {
        foreach (self::SIZES_W as $size) {
            if (Limit::within($this->runW, $size) && Limit::within($this->startW, $size * self::MOMENT)) {
                return $size;
            }
        }

        return null;
    }

    /** "7,420 W running and 10,300 W for a moment": the same figure wherever it is said. */
    public function asked(): string
    {
        $tens = fn (float $watts): string => Say::watts(ceil($watts / 10) * 10);

        return "{$tens($this->runW)} running and {$tens($this->startW)} for a moment";
    }

    /** "a machine of the 9,000 W class, 120/240 V: 7,420 W running and 10,300 W for a moment", and what is not in it. */
    public function words(): string
    {
        $asked = $this->asked();
        $size = $this->watts();
        $words = $size === null ? "more than one machine gives: $asked" : sprintf(
            '%sa %s of the %s class%s: %s', $this->missing === '' ? '' : 'at least ',
            $size > self::LARGEST_PORTABLE_W ? 'standby machine' : 'machine', Say::watts((float) $size),
            $this->needsBothLegs ? ', 120/240 V' : '', $asked,
        );

        return $this->missing === '' ? $words : "$words. Not counted: $this->missing";
    }
}

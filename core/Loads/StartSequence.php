<?php

declare(strict_types=1);

namespace Underpin\Loads;

use Underpin\Legs\Leg;
use Underpin\Limit;

/** An order of bringing loads on, with the legs at each start and the highest moment of all. */
final readonly class StartSequence
{
    public float $peakAAmps;

    public float $peakBAmps;

    /** @param  list<StartStep>  $steps */
    public function __construct(public array $steps, float $alreadyA, float $alreadyB)
    {
        $this->peakAAmps = max([$alreadyA, ...array_map(fn (StartStep $s): float => $s->aAmps, $steps)]);
        $this->peakBAmps = max([$alreadyB, ...array_map(fn (StartStep $s): float => $s->bAmps, $steps)]);
    }

    /** @return list<string> */
    public function order(): array
    {
        return array_map(fn (StartStep $step): string => $step->id, $this->steps);
    }

    public function peakAmps(): float
    {
        return max($this->peakAAmps, $this->peakBAmps);
    }

    /** Leg A when both peak alike. */
    public function peakLeg(): Leg
    {
        return Limit::over($this->peakBAmps, $this->peakAAmps) ? Leg::B : Leg::A;
    }
}

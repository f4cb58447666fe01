<?php

declare(strict_types=1);

namespace Underpin\Job\Work;

/** Both legs by clamp with everything on that must run, as they were read while proving. */
final readonly class MeasuredLegs
{
    public const LEG_A = 'amps.a';

    public const LEG_B = 'amps.b';

    /**
     * @param  float  $aAmps  at the machine, everything that must run on
     * @param  string  $on  YYYY-MM-DD, of the later of the two
     */
    private function __construct(public float $aAmps, public float $bAmps, public string $on)
    {
    }

    /** Null: not both of them were read, or the machine has one hot. */
    public static function of(Work $work): ?self
    {
        $a = $work->step(self::LEG_A);
        $b = $work->step(self::LEG_B);

        return $a?->value === null || $b?->value === null ? null : new self($a->value, $b->value, max($a->day(), $b->day()));
    }
}

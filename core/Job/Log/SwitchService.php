<?php

declare(strict_types=1);

namespace Underpin\Job\Log;

/** The yearly service of a transfer switch: every pole under a stated load. */
final readonly class SwitchService
{
    public const MOST_MV = 10_000.0;

    public const MOST_C = 500.0;

    public const MOST_A = 2_000.0;

    /**
     * @param  string  $on  YYYY-MM-DD
     * @param  string  $switch  its name in the design
     * @param  float  $amps  that flowed while it was measured, over 0
     * @param  ?float  $ambientC  around it; null: not noted
     */
    public function __construct(
        public string $id, public string $on, public string $switch, public float $amps, public Pole $a, public Pole $b,
        public ?float $ambientC = null, public string $by = '', public string $note = '',
    ) {
    }

    /** Microhms of a pole's contact; null: not measured. */
    public function microhms(Pole $pole): ?float
    {
        return $pole->mv === null ? null : $pole->mv / $this->amps * 1000;
    }
}

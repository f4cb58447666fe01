<?php

declare(strict_types=1);

namespace Underpin\Legs;

use Underpin\Refused;

/** What one circuit draws: watts at a power factor and a voltage, on its leg or on both. */
final readonly class Draw
{
    public float $volts;

    public function __construct(
        public string $id,
        public Leg $leg,
        public float $watts,
        public float $pf = 1.0,
        ?float $volts = null,
    ) {
        if ($watts < 0) {
            throw new Refused('watts', 'watts must not be below 0.');
        }
        if ($pf <= 0 || $pf > 1) {
            throw new Refused('pf', 'pf, the power factor, must be over 0 and at most 1.');
        }
        $this->volts = $volts ?? (float) $leg->volts();
        if ($this->volts <= 0) {
            throw new Refused('volts', 'volts must be over 0.');
        }
    }

    public function va(): float
    {
        return $this->watts / $this->pf;
    }

    /** Amperes on each leg that the circuit hangs on. */
    public function amps(): float
    {
        return $this->watts / ($this->pf * $this->volts);
    }
}

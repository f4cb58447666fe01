<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\GeneratorPart;
use Underpin\Refused;

/** The machine that was picked, what it burns here, and how much of it is kept free. */
final readonly class Generator
{
    public const USUAL_MARGIN_PCT = 20.0;

    public const MOST_MARGIN_PCT = 90.0;

    /**
     * @param  ?Machine  $machine  null: none picked
     * @param  ?Fuel  $fuel  one that the machine burns; null: none picked
     * @param  float  $marginPct  how much of the machine's running limit to keep free
     */
    public function __construct(
        public ?Machine $machine = null,
        public ?Fuel $fuel = null,
        public float $marginPct = self::USUAL_MARGIN_PCT,
    ) {
        GeneratorPart::margin()->read($marginPct);
        if ($machine !== null && ($fuel === null || $machine->ratingOn($fuel) === null)) {
            throw new Refused(
                'fuel', $fuel === null ? 'Fuel is missing: a machine is picked.' : "Fuel: $machine->name does not run on $fuel->value.",
            );
        }
    }

    public function withMargin(float $marginPct): self
    {
        return new self($this->machine, $this->fuel, $marginPct);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Machine;

/** The machine as a thing that stands somewhere. Null: not known. */
final readonly class Housing
{
    /** feet at which the noise of a machine is usually told */
    public const USUAL_NOISE_FT = 23.0;

    /**
     * @param  ?float  $tankGal  of its own tank
     * @param  ?float  $noiseDb  dB(A) at $noiseFt
     * @param  ?float  $wallIn  listed clearance from a wall that burns, inches
     * @param  ?float  $openingIn  from openings
     * @param  ?float  $serviceIn  on the sides from which it is served
     * @param  ?bool  $outsideStop  an emergency stop comes with it
     */
    public function __construct(
        public ?float $tankGal = null,
        public ?float $noiseDb = null,
        public float $noiseFt = self::USUAL_NOISE_FT,
        public ?float $weightLb = null,
        public ?float $widthIn = null,
        public ?float $depthIn = null,
        public ?float $heightIn = null,
        public ?float $wallIn = null,
        public ?float $openingIn = null,
        public ?float $serviceIn = null,
        public ?bool $outsideStop = null,
    ) {
    }
}

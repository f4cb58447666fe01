<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Codebook\Overload;
use Underpin\Codebook\SplitPhase;
use Underpin\Job\Measured;
use Underpin\Job\Service;

/**
 * What the service of a house can pass. A reading beyond it is none of this house, or was read with
 * the wrong unit or decimal mark.
 */
final readonly class ServiceLimit
{
    /** @param  ?int  $amps  rating of the service; null: not known, so the largest that a job can have counts */
    public function __construct(private ?int $amps = null)
    {
    }

    /** Mean watts or volt-amperes of minutes. */
    public function lastingVa(): float
    {
        return Overload::LASTING * SplitPhase::BETWEEN_LEGS_V * ($this->amps ?? Service::MOST_A);
    }

    /** Amperes on a leg for the moment of a start. */
    public function momentaryAmps(): float
    {
        return min(Measured::MOST_A, Overload::MOMENTARY * ($this->amps ?? Service::MOST_A));
    }

    public function said(): string
    {
        return $this->amps === null ? sprintf('any service up to %d A', Service::MOST_A) : "a service of $this->amps A";
    }
}

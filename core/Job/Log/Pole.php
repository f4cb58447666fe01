<?php

declare(strict_types=1);

namespace Underpin\Job\Log;

/** What was measured at one pole of a switch. */
final readonly class Pole
{
    /**
     * @param  ?float  $mv  voltage drop over its contact, millivolts; null: not measured
     * @param  ?float  $tempC  of its contact, °C
     */
    public function __construct(public ?float $mv = null, public ?float $tempC = null)
    {
    }
}

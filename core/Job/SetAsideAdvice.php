<?php

declare(strict_types=1);

namespace Underpin\Job;

/** One piece of advice that was set aside. */
final readonly class SetAsideAdvice
{
    /**
     * @param  string  $code  of the finding
     * @param  string  $circuit  id of the circuit that it is about; empty: none
     * @param  string  $on  the day, as YYYY-MM-DD
     */
    public function __construct(public string $code, public string $circuit, public string $reason, public string $by, public string $on)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class InletSmallFuture implements Rule
{
    private const SMALL_A = 30.0;

    private const LARGE_SERVICE_A = 200.0;

    public function code(): Code
    {
        return Code::InletSmallFuture;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none || $it->transfer->none ? false : Fact::all(
            self::isThirty($it->inlet->amps), self::isThirty($it->generator->outletAmps),
            Fact::not(Fact::under($it->transfer->serviceAmps, self::LARGE_SERVICE_A)),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'A 30 A inlet on a service of 200 A and more.',
            'Inlets of 30 A are often torn out a year later for 50 A.',
            'Weigh 50 A now, with its wire; the breaker follows today\'s outlet.',
        );
    }

    private static function isThirty(?float $amps): ?bool
    {
        return $amps === null ? null : $amps === self::SMALL_A;
    }
}

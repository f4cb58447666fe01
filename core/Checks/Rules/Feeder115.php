<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class Feeder115 implements Rule
{
    /** Of the nameplate amperes. NEC 2023 445.13. */
    private const SHARE = 1.15;

    public function code(): Code
    {
        return Code::Feeder115;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->wiring->none ? false : Fact::all(
            $it->place->isStandby, Fact::not($it->generator->ownBreaker),
            $it->generator->nameplateAmps === null
                ? $it->atVolts(fn (int $volts): ?bool => $this->isShort($it, $this->fromWatts($it, $volts)))
                : $this->isShort($it, $it->generator->nameplateAmps),
        );
    }

    public function says(Arrangement $it): Said
    {
        $amps = $it->generator->nameplateAmps;

        return new Said(
            $amps === null
                ? 'The feeder without a breaker at the machine carries less than 115 % of what its watts make in amperes. Read the '
                    .'amperes on the nameplate: at a power factor of 0.8 they are a quarter more than watts over volts.'
                : sprintf(
                    'The feeder without a breaker at the machine carries less than 115 %% of its nameplate amperes (%s A).',
                    Say::figure($amps),
                ),
            'Up to the first breaker these conductors carry whatever the machine gives, overload too.',
            'Larger conductors, or a breaker at the machine.',
        );
    }

    private function isShort(Arrangement $it, ?float $amps): ?bool
    {
        return Fact::under($it->ampacity()?->usableAmps, $amps === null ? null : self::SHARE * $amps);
    }

    private function fromWatts(Arrangement $it, int $volts): ?float
    {
        return $it->generator->runW === null ? null : $it->generator->runW / $volts;
    }
}

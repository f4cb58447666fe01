<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Refused;

/** A service disconnect ahead of the panels: at the meter or in a metering cabinet. */
final readonly class Disconnect
{
    /** @param  ?bool  $bonded  neutral and ground are bonded in it; null: not looked */
    /** smallest and largest switch of a service, a panel or a feeder, amperes */
    public const LEAST_A = 15;

    public const MOST_A = 1200;

    public function __construct(public string $id, public string $name, public int $amps, public ?bool $bonded = null)
    {
        if ($name === '') {
            throw new Refused('name', 'name: a disconnect needs a name.');
        }
        if ($amps < self::LEAST_A || $amps > self::MOST_A) {
            throw new Refused('amps', sprintf('amps, the rating of the disconnect, must be from %d to %s A.', self::LEAST_A, number_format(self::MOST_A)));
        }
    }
}

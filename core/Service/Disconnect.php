<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Refused;

/** A service disconnect ahead of the panels: at the meter or in a metering cabinet. */
final readonly class Disconnect
{
    /** @param  ?bool  $bonded  neutral and ground are bonded in it; null: not looked */
    public function __construct(public string $id, public string $name, public int $amps, public ?bool $bonded = null)
    {
        if ($name === '') {
            throw new Refused('name', 'name: a disconnect needs a name.');
        }
        if ($amps < 15 || $amps > 1200) {
            throw new Refused('amps', 'amps, the rating of the disconnect, must be from 15 to 1,200 A.');
        }
    }
}

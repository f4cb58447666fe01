<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Say;

/** One breaker or switch on the card. */
final readonly class CardCircuit
{
    /**
     * @param  string  $label  "5–7"
     * @param  int  $waitS  seconds to wait before the next
     */
    public function __construct(public string $id, public string $panel, public string $label, public string $name, public int $waitS)
    {
    }

    public function waitWords(): string
    {
        return Say::seconds($this->waitS);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Say;

/** One breaker or switch on the card. */
final readonly class CardCircuit
{
    /**
     * @param  string  $label  its place in the panel: "5–7"
     * @param  int  $waitS  seconds to wait before the next
     * @param  list<int>  $places  on a switch of its own, rising; empty: it is switched in its panel
     */
    public function __construct(
        public string $id,
        public string $panel,
        public string $label,
        public string $name,
        public int $waitS,
        public array $places = [],
    ) {
    }

    public function waitWords(): string
    {
        return Say::seconds($this->waitS);
    }

    /** What is written beside what the owner throws: the places of the switch, or of the panel. */
    public function thrown(): string
    {
        return $this->places === [] ? $this->label : implode('–', $this->places);
    }
}

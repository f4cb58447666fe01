<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Sizing\Supply;
use Underpin\Sizing\Turns\DayOfTurns;

/** What is put to an outage: a machine, who brings what on and in which order, what is built in. Several can be put to the same outage. */
final readonly class Trial
{
    /**
     * @param  bool  $withRoom  what has a place when there is room is brought on as well
     * @param  bool  $idles  idle mode was left on, where the machine has one
     * @param  ?string  $softStarted  id of the circuit whose motors have a soft starter; null: none
     * @param  list<string>  $without  ids of circuits that stay off
     * @param  ?DayOfTurns  $turns  that somebody switches by; null: all of it together
     */
    public function __construct(
        public Supply $supply, public Order $order = Order::Best, public bool $withRoom = false, public bool $idles = false,
        public ?string $softStarted = null, public array $without = [], public ?DayOfTurns $turns = null,
    ) {
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

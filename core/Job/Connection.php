<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Refused;

/** How the generator is to come to the loads. */
final readonly class Connection
{
    /**
     * @param  ?string  $way  key of the way of connecting; null: none picked
     * @param  ?SwitchKind  $switchKind  of a multi-circuit switch; null: not chosen
     * @param  array<array-key, int>  $places  id of a circuit => the place that it was given on a multi-circuit switch
     */
    public function __construct(
        public ?string $way = null,
        public StartRoutine $routine = StartRoutine::WarmFirst,
        public ?SwitchKind $switchKind = null,
        public array $places = [],
    ) {
        $twice = array_filter(array_count_values($places), fn (int $times): bool => $times > 1);
        if ($twice !== []) {
            throw new Refused('switch_places', 'Place on the switch: place '.array_key_first($twice).' was given to two circuits.');
        }
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

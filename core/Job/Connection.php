<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\ConnectionPart;
use Underpin\Refused;

/** How the generator is to come to the loads. */
final readonly class Connection
{
    /** The largest fault current that is asked for, amperes. */
    public const MOST_FAULT_A = 200_000;

    /**
     * @param  ?string  $way  key of the way of connecting; null: none picked
     * @param  ?SwitchKind  $switchKind  of a multi-circuit switch; null: not chosen
     * @param  array<array-key, int>  $places  id of a circuit => the place that it was given on a multi-circuit switch
     * @param  string  $panel  id of the panel that is fed, where a way leaves a choice; empty: the usual one
     * @param  string  $circuit  id of the one circuit with a switch of its own; empty: the usual one
     * @param  ?bool  $switchesNeutral  the switch breaks the neutral too; null: not chosen, where its kind leaves a choice
     * @param  bool  $meters  a multi-circuit switch with wattmeters
     * @param  list<ShedLoad>  $shed  what an automatic switch takes off, the first to go first
     * @param  ?int  $utilityFaultAmps  fault current that the utility says is there at the service, amperes; null: not asked
     * @param  ?int  $withstandAmps  what the label of the switch says that it withstands, amperes; null: not read
     * @param  ?int  $interruptAmps  the least that the breakers which meet the fault current interrupt, by their labels; null: not read
     * @param  array<string, float>  $settings  key of a setting of the automatic switch => as it is set
     * @param  ?PickedFor  $pickedFor  what the pick was made for; null: nothing is picked, or it was picked before that was kept
     */
    public function __construct(
        public ?string $way = null,
        public StartRoutine $routine = StartRoutine::WarmFirst,
        public ?SwitchKind $switchKind = null,
        public array $places = [],
        public string $panel = '',
        public string $circuit = '',
        public ?bool $switchesNeutral = null,
        public bool $meters = false,
        public array $shed = [],
        public ?PickedFor $pickedFor = null,
        public ?int $utilityFaultAmps = null,
        public ?int $withstandAmps = null,
        public ?int $interruptAmps = null,
        public array $settings = [],
    ) {
        ConnectionPart::faults()->guard([
            'utility_fault_a' => $utilityFaultAmps, 'withstand_a' => $withstandAmps, 'interrupt_a' => $interruptAmps,
        ]);
        ConnectionPart::settings()->guard($settings);
        $twice = array_filter(array_count_values($places), fn (int $times): bool => $times > 1);
        if ($twice !== []) {
            throw new Refused('switch_places', 'Place on the switch: place '.array_key_first($twice).' was given to two circuits.');
        }
        $shedTwice = array_filter(
            array_count_values(array_map(fn (ShedLoad $s): string => $s->circuit, $shed)), fn (int $n): bool => $n > 1,
        );
        if ($shedTwice !== []) {
            throw new Refused('shed', 'Load shedding: '.array_key_first($shedTwice).' stands in it twice.');
        }
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** Null: it is not shed. */
    public function shedding(string $circuit): ?ShedLoad
    {
        foreach ($this->shed as $shed) {
            if ($shed->circuit === $circuit) {
                return $shed;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Circuit;

/** What one way of connecting means on this job. */
final readonly class WayVerdict
{
    public Possible $possible;

    /**
     * @param  list<Reason>  $reasons
     * @param  list<Circuit>  $powers  of those that must run or may when there is room
     * @param  list<Circuit>  $dead  that must run and stay without power this way
     * @param  ?int  $switchPositions  places of the switch that this takes; null: it has none of its own
     */
    public function __construct(
        public Way $way,
        public array $reasons,
        public array $powers,
        public array $dead,
        public ?int $switchPositions = null,
    ) {
        $each = array_map(fn (Reason $r): Possible => $r->possible, $reasons);
        $this->possible = match (true) {
            in_array(Possible::No, $each, true) => Possible::No,
            in_array(Possible::NotKnown, $each, true) => Possible::NotKnown,
            default => Possible::Yes,
        };
    }

    /** @return list<string> what must be changed for it, in a few words each */
    public function changes(): array
    {
        return array_values(
            array_map(fn (Reason $r): string => $r->short, array_filter($this->reasons, fn (Reason $r): bool => $r->isChange)),
        );
    }

    /** In a few words: what stops it, what must be looked at, or what must be changed. */
    public function here(): string
    {
        $short = fn (Possible $possible): string => implode('; ', array_unique(array_filter(array_map(
            fn (Reason $r): string => $r->possible === $possible ? $r->short : '', $this->reasons,
        ))));

        return match ($this->possible) {
            Possible::No => $short(Possible::No) ?: 'not possible',
            Possible::NotKnown => $short(Possible::NotKnown) ?: 'not known yet',
            Possible::Yes => $this->changes() === [] ? 'possible' : implode('; ', $this->changes()),
        };
    }
}

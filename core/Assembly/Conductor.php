<?php

declare(strict_types=1);

namespace Underpin\Assembly;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Wiring\ConductorChoice;
use Underpin\Wiring\VoltageDrop;

/** The conductors from one component to another that lie together: those of one cord, raceway or cable. */
final readonly class Conductor implements Element
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  string  $from  id of the component that feeds them
     * @param  string  $to  id of the component that they feed
     * @param  list<Wire>  $wires  each of them
     * @param  ?ConductorSize  $size  of the hots; null: as it is there, or as the equipment's instructions say
     * @param  ?float  $lengthFt  one way, feet, with slack; null: not measured
     * @param  ?float  $amps  that they are judged at; null: nothing of this work depends on it
     * @param  ?ConductorChoice  $choice  how the size of a run was found
     * @param  ?VoltageDrop  $drop  null: the length is not measured
     * @param  list<Line>  $lines  what the wire table says of all of them: their raceway
     * @param  bool  $comesAlong  they are part of what they are wired to, as the tails of a switch are
     */
    public function __construct(
        public string $id,
        public ConductorKind $kind,
        public string $from,
        public string $to,
        public array $wires,
        public ?ConductorSize $size,
        public Material $material,
        public ?float $lengthFt,
        public ?float $amps,
        public ?float $volts,
        public ?ConductorChoice $choice = null,
        public ?VoltageDrop $drop = null,
        public array $lines = [],
        public bool $comesAlong = false,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    /** What lies between the same two, of the same kind, is measured once. */
    public function between(): string
    {
        return "{$this->kind->value} $this->from $this->to";
    }

    /** It must be measured for itself: the cord and the run have fields of their own. */
    public function isMeasured(): bool
    {
        return ! $this->comesAlong && $this->kind->isMeasured();
    }

    /** The same with that length where it has none. */
    public function long(?float $ft): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return $this->lengthFt !== null ? $this : new self(...[...get_object_vars($this), 'lengthFt' => $ft]);
    }

    /** How many ungrounded ones. */
    public function hots(): int
    {
        return count(array_filter($this->wires, fn (Wire $w): bool => $w->role->isHot()));
    }

    /** The first of that role; null: there is none. */
    public function wire(WireRole $role): ?Wire
    {
        foreach ($this->wires as $wire) {
            if ($wire->role === $role) {
                return $wire;
            }
        }

        return null;
    }

    /** @return list<Line> those of its single conductors, each once, and its own */
    public function says(): array
    {
        $lines = [];
        foreach ($this->wires as $wire) {
            if ($wire->line !== null && ! in_array($wire->line, $lines, true)) {
                $lines[] = $wire->line;
            }
        }

        return [...$lines, ...$this->lines];
    }

    /** The same without one of its conductors. */
    public function withoutWire(string $id): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[
            ...get_object_vars($this), 'wires' => array_values(array_filter($this->wires, fn (Wire $w): bool => $w->id !== $id)),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** One piece of equipment of the thing that will be built. Null: not known, or it has none. */
final readonly class Component implements Element
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  ?int  $amps  its rating, amperes
     * @param  ?int  $volts  120 or 240
     * @param  string  $designation  of an outlet or inlet, by NEMA WD 6
     * @param  ?string  $panel  id of the panel that it sits in
     * @param  list<int>  $spaces  of that panel
     * @param  ?string  $inside  id of the component that it sits in; null: it stands by itself
     * @param  ?Task  $task  the work that sets it; null: none, or that of its kind
     * @param  ?string  $order  what it is ordered as, where that is not its name
     * @param  list<Line>  $lines  what the wire table says of it
     */
    public function __construct(
        public string $id,
        public ComponentKind $kind,
        public string $name,
        public ?int $amps = null,
        public ?int $volts = null,
        public ?int $poles = null,
        public string $designation = '',
        public ?string $panel = null,
        public array $spaces = [],
        public array $lines = [],
        public ?string $inside = null,
        public ?Task $task = null,
        public ?string $order = null,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function says(): array
    {
        return $this->lines;
    }
}

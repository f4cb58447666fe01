<?php

declare(strict_types=1);

namespace Underpin\Assembly;

/** One piece of equipment of the thing that will be built. Null: not known, or it has none. */
final readonly class Component
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  ?int  $amps  its rating, amperes
     * @param  ?int  $volts  120 or 240
     * @param  string  $designation  of an outlet or inlet, by NEMA WD 6
     * @param  ?string  $panel  id of the panel that it sits in
     * @param  list<int>  $spaces  of that panel
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
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Assembly;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Wiring\ConductorChoice;
use Underpin\Wiring\VoltageDrop;

/** The conductors from one component to another: hots, neutral and ground of one cord or one run. */
final readonly class Conductor
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  string  $from  id of the component that feeds them
     * @param  string  $to  id of the component that they feed
     * @param  int  $hots  ungrounded conductors
     * @param  ?float  $lengthFt  one way, feet, with slack; null: not measured
     * @param  float  $amps  that they are judged at
     * @param  ?ConductorChoice  $choice  how the size of a run was found
     * @param  ?VoltageDrop  $drop  null: the length is not measured
     * @param  list<Line>  $lines  what the wire table says of them
     * @param  ?ConductorSize  $ground  of the equipment grounding conductor; null: it is in the cord
     */
    public function __construct(
        public string $id,
        public ConductorKind $kind,
        public string $from,
        public string $to,
        public ConductorSize $size,
        public Material $material,
        public int $hots,
        public ?float $lengthFt,
        public float $amps,
        public float $volts,
        public ?ConductorChoice $choice = null,
        public ?VoltageDrop $drop = null,
        public array $lines = [],
        public ?ConductorSize $ground = null,
    ) {
    }
}

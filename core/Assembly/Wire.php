<?php

declare(strict_types=1);

namespace Underpin\Assembly;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;

/** One conductor, from terminal to terminal. */
final readonly class Wire
{
    /**
     * @param  string  $id  unique in its assembly
     * @param  ?ConductorSize  $size  null: as the instructions of the equipment say, or as it is there
     * @param  ?Line  $line  what the wire table says of it; conductors of one kind share one
     */
    public function __construct(
        public string $id,
        public WireRole $role,
        public Terminal $from,
        public Terminal $to,
        public ?ConductorSize $size,
        public Material $material = Material::Copper,
        public ?Line $line = null,
    ) {
    }

    public function words(): string
    {
        return $this->role->colour()->value.($this->size === null ? '' : ", {$this->size->words()} {$this->material->words()}");
    }
}

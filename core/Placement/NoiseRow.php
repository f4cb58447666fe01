<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Limit;

/** How loud the machine is at one place. dB(A), feet. */
final readonly class NoiseRow
{
    /** @param  ?float  $mostDb  what the authority takes there by night; null: not asked, or it says nothing of it */
    public function __construct(public string $id, public string $what, public float $ft, public float $db, public ?float $mostDb)
    {
    }

    public function isOver(): bool
    {
        return $this->mostDb !== null && Limit::over($this->db, $this->mostDb);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Assembly;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\FlexibleCords;

/** What something is ordered as: in words that do not depend on the house. */
final readonly class Part
{
    public function __construct(public PartKind $kind, public string $words)
    {
    }

    /** @param  float  $ft  that it must reach; it is bought in the next length that is sold */
    public static function cord(int $conductors, ?ConductorSize $size, float $ft): self
    {
        $of = $size === null ? 'as the appliance takes' : "of {$size->words()}";

        return new self(PartKind::Cord, "Cord, $conductors conductors $of, with its ends, ".FlexibleCords::soldFt($ft).' ft');
    }

    public static function breaker(?int $amps, ?int $poles): self
    {
        return new self(PartKind::Breaker, ($amps === null ? 'Breaker, rating by the service' : "Breaker, $amps A").', '.match ($poles) {
            1 => 'one pole', 2 => 'two poles', default => 'poles as the circuit has',
        }.', of the series that the panel names');
    }
}

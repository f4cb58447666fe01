<?php

declare(strict_types=1);

namespace Underpin\Placement;

use Underpin\Codebook\PortablePlace;
use Underpin\Codebook\StandbyPlace;

/** The feet that a machine keeps from what stands around it. */
final readonly class Distances
{
    /**
     * @param  array<string, float>  $ft  by the value of the distance; what is not among them has its usual figure
     * @param  bool  $everyWall  also from a wall that does not burn: because of carbon monoxide
     */
    private function __construct(private array $ft, public bool $everyWall)
    {
    }

    /**
     * Of a machine that stays in place and has a listing for it. NFPA 37 4.1.4, NEC 2023 110.26(A).
     *
     * @param  array<string, float>  $otherwise  by the value of the distance: what its label or the authority says
     */
    public static function standby(array $otherwise = []): self
    {
        return new self([
            Distance::Wall->value => StandbyPlace::COMBUSTIBLE_FT, Distance::Opening->value => StandbyPlace::OPENINGS_FT,
            Distance::Service->value => StandbyPlace::SERVICE_FT, Distance::Property->value => StandbyPlace::PROPERTY_FT,
            Distance::ExhaustOpening->value => StandbyPlace::OPENINGS_FT, ...$otherwise,
        ], false);
    }

    /**
     * Of a machine that is carried out. Good practice: carbon monoxide.
     *
     * @param  array<string, float>  $otherwise  by the value of the distance
     */
    public static function portable(array $otherwise = []): self
    {
        return new self([
            Distance::Wall->value => PortablePlace::HOUSE_FT, Distance::Opening->value => PortablePlace::HOUSE_FT,
            Distance::Service->value => StandbyPlace::SERVICE_FT, Distance::Property->value => StandbyPlace::PROPERTY_FT,
            Distance::ExhaustOpening->value => PortablePlace::HOUSE_FT, ...$otherwise,
        ], true);
    }

    public function ft(Distance $distance): float
    {
        return $this->ft[$distance->value];
    }
}

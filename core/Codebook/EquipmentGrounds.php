<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Refused;

/** The smallest equipment grounding conductor by the overcurrent device ahead. NEC 2023 Table 250.122. */
final class EquipmentGrounds
{
    /** amperes of that device at most => copper, aluminum */
    private const SIZES = [
        15 => [ConductorSize::Awg14, ConductorSize::Awg12],
        20 => [ConductorSize::Awg12, ConductorSize::Awg10],
        60 => [ConductorSize::Awg10, ConductorSize::Awg8],
        100 => [ConductorSize::Awg8, ConductorSize::Awg6],
        200 => [ConductorSize::Awg6, ConductorSize::Awg4],
        300 => [ConductorSize::Awg4, ConductorSize::Awg2],
        400 => [ConductorSize::Awg3, ConductorSize::Awg1],
        500 => [ConductorSize::Awg2, ConductorSize::Awg1_0],
        600 => [ConductorSize::Awg1, ConductorSize::Awg2_0],
    ];

    /**
     * @param  int  $amps  of the overcurrent device ahead
     *
     * @throws Refused on "amps" over 600: larger ones are not in this table
     */
    public static function size(int $amps, Material $material): ConductorSize
    {
        foreach (self::SIZES as $most => $sizes) {
            if ($amps <= $most) {
                return $sizes[$material === Material::Copper ? 0 : 1];
            }
        }

        throw new Refused('amps', "amps: the ground of a run behind $amps A is not in this table; it ends at 600 A.");
    }
}

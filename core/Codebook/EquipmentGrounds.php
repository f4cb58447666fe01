<?php

declare(strict_types=1);

namespace Underpin\Codebook;

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

    /** @param  int  $amps  of the overcurrent device ahead, at most 600 */
    public static function size(int $amps, Material $material): ConductorSize
    {
        $last = [ConductorSize::Awg1, ConductorSize::Awg2_0];
        foreach (self::SIZES as $most => $sizes) {
            if ($amps <= $most) {
                $last = $sizes;
                break;
            }
        }

        return $last[$material === Material::Copper ? 0 : 1];
    }
}

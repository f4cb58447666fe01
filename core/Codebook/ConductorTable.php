<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Refused;

/**
 * Allowable ampacities and direct-current resistances of insulated conductors.
 *
 * Ampacity: NEC 2023 Table 310.16 (not more than three current-carrying conductors in a
 * raceway, cable or earth, 30 °C ambient). Resistance: NEC 2023 Chapter 9 Table 8, stranded,
 * copper uncoated, ohms per 1,000 ft at 75 °C.
 */
final class ConductorTable
{
    /** amperes at 60, 75 and 90 °C, then ohms per 1,000 ft */
    private const COPPER = [
        '14' => [15, 20, 25, 3.14],
        '12' => [20, 25, 30, 1.98],
        '10' => [30, 35, 40, 1.24],
        '8' => [40, 50, 55, 0.778],
        '6' => [55, 65, 75, 0.491],
        '4' => [70, 85, 95, 0.308],
        '3' => [85, 100, 115, 0.245],
        '2' => [95, 115, 130, 0.194],
        '1' => [110, 130, 145, 0.154],
        '1/0' => [125, 150, 170, 0.122],
        '2/0' => [145, 175, 195, 0.0967],
        '3/0' => [165, 200, 225, 0.0766],
        '4/0' => [195, 230, 260, 0.0608],
        '250' => [215, 255, 290, 0.0515],
        '300' => [240, 285, 320, 0.0429],
        '350' => [260, 310, 350, 0.0367],
        '400' => [280, 335, 380, 0.0321],
        '500' => [320, 380, 430, 0.0258],
    ];

    private const ALUMINIUM = [
        '12' => [15, 20, 25, 3.25],
        '10' => [25, 30, 35, 2.04],
        '8' => [35, 40, 45, 1.28],
        '6' => [40, 50, 55, 0.808],
        '4' => [55, 65, 75, 0.508],
        '3' => [65, 75, 85, 0.403],
        '2' => [75, 90, 100, 0.319],
        '1' => [85, 100, 115, 0.253],
        '1/0' => [100, 120, 135, 0.201],
        '2/0' => [115, 135, 150, 0.159],
        '3/0' => [130, 155, 175, 0.126],
        '4/0' => [150, 180, 205, 0.100],
        '250' => [170, 205, 230, 0.0847],
        '300' => [195, 230, 260, 0.0707],
        '350' => [210, 250, 280, 0.0605],
        '400' => [225, 270, 305, 0.0529],
        '500' => [260, 310, 350, 0.0424],
    ];

    private const COLUMN = [60 => 0, 75 => 1, 90 => 2];

    private const RESISTANCE = 3;

    /**
     * Amperes of Table 310.16.
     *
     * @param  int  $columnC  60, 75 or 90
     *
     * @throws Refused on "size" when the table has no such conductor
     */
    public static function ampacity(Material $material, ConductorSize $size, int $columnC): float
    {
        return (float) self::row($material, $size)[self::COLUMN[$columnC]];
    }

    /**
     * Ohms per 1,000 ft at 75 °C.
     *
     * @throws Refused on "size" when the table has no such conductor
     */
    public static function ohmsPer1000Ft(Material $material, ConductorSize $size): float
    {
        return (float) self::row($material, $size)[self::RESISTANCE];
    }

    public static function has(Material $material, ConductorSize $size): bool
    {
        return isset(self::table($material)[$size->value]);
    }

    /** @return array{int, int, int, float} */
    private static function row(Material $material, ConductorSize $size): array
    {
        return self::table($material)[$size->value]
            ?? throw new Refused(
                'size',
                sprintf('size: there is no %s %s in NEC 2023 Table 310.16; the smallest is 12 AWG.', $size->words(), $material->words()),
            );
    }

    /** @return array<array{int, int, int, float}> */
    private static function table(Material $material): array
    {
        return $material === Material::Copper ? self::COPPER : self::ALUMINIUM;
    }
}

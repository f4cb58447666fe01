<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\CircularMils;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\EquipmentGrounds;
use Underpin\Codebook\Material;

/** The equipment grounding conductor of a run. NEC 2023 250.122(A) and (B), Table 250.122. */
final class GroundWire
{
    /**
     * @param  int  $amps  of the overcurrent device ahead
     * @param  ConductorSize  $least  hots that would do for their ampacity
     * @param  ConductorSize  $hots  as they are laid
     * @return ConductorSize by the table, larger in the proportion that the hots are, never larger than they
     */
    public static function size(int $amps, Material $material, ConductorSize $least, ConductorSize $hots): ConductorSize
    {
        $need = CircularMils::of(EquipmentGrounds::size($amps, $material)) * CircularMils::of($hots) / CircularMils::of($least);
        foreach (ConductorSize::cases() as $size) {
            if (ConductorTable::has($material, $size) && ($size === $hots || CircularMils::of($size) >= $need)) {
                return $size;
            }
        }

        return $hots;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/**
 * Copper main bonding jumpers, supply-side jumpers and grounding electrode conductors by the largest ungrounded conductor of
 * the service or source. NEC 2023 Table 250.102(C)(1) and Table 250.66, which agree up to 1,100 kcmil copper and
 * 1,750 kcmil aluminum.
 */
final class BondingJumpers
{
    /** the ungrounded conductor at most => the jumper */
    private const COPPER = ['2' => '8', '1/0' => '6', '3/0' => '4', '350' => '2', '500' => '1/0'];

    private const ALUMINUM = ['1/0' => '8', '3/0' => '6', '250' => '4', '500' => '2'];

    /** The least copper jumper for conductors of that size, one set. */
    public static function copper(ConductorSize $ungrounded, Material $material): ConductorSize
    {
        $rows = $material === Material::Copper ? self::COPPER : self::ALUMINUM;
        foreach ($rows as $most => $jumper) {
            if (CircularMils::of($ungrounded) <= CircularMils::of(ConductorSize::from((string) $most))) {
                return ConductorSize::from($jumper);
            }
        }

        return ConductorSize::Awg1_0;
    }
}

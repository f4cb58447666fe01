<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Codebook\Alternators;
use Underpin\Codebook\SplitPhase;

/**
 * The dip of a start on a machine. Good practice: a usual transient reactance where the data sheet gives none for a start; a rating in kVA
 * by the running watts where the plate has none; a 120 V start loads one half of the winding, with half of the rating. Electronics hold
 * their voltage up to their limit, and then switch off: no dip is told for them.
 */
final class StartDip
{
    /**
     * @param  float  $startVa  volt-amperes of the start
     * @param  bool  $onOneHalf  it is a 120 V load of a 120/240 V machine
     * @return ?VoltageDip null: electronics make the voltage
     */
    public static function of(Supply $supply, float $startVa, bool $onOneHalf): ?VoltageDip
    {
        if ($supply->machine->form->isInverter()) {
            return null;
        }
        $half = $onOneHalf && $supply->machine->volts === SplitPhase::BETWEEN_LEGS_V ? 2 : 1;

        return new VoltageDip(self::kva($supply) / $half, Alternators::REACTANCE_PU, $startVa / 1000);
    }

    public static function kva(Supply $supply): float
    {
        return $supply->machine->plate->kva ?? $supply->rating->runW / 1000;
    }
}

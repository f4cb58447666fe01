<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\DropLimits;
use Underpin\Codebook\Material;
use Underpin\Codebook\SplitPhase;
use Underpin\Wiring\VoltageDrop;

final class DropOverThree implements Rule
{
    public function code(): Code
    {
        return Code::DropLong;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        $drop = $this->dropV($it);

        return $drop === null
            ? ($it->cord->none && $it->wiring->none ? false : null)
            : $it->atVolts(fn (int $volts): ?bool => Fact::over($drop, DropLimits::RECOMMENDED_PCT / 100 * $volts));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'More than 3 % of the voltage is lost on the way.',
            'Motors start harder and lights dim; 3 % is the recommended end.',
            'A shorter way, or the next larger conductor.',
        );
    }

    /** Volts lost in the parts whose every field is known; null: there is no such part. */
    private function dropV(Arrangement $it): ?float
    {
        $parts = array_filter([
            $this->partV($it, Material::Copper, $it->cord->size, $it->cord->lengthFt),
            $this->partV($it, $it->wiring->material, $it->wiring->size, $it->wiring->lengthFt),
        ], is_float(...));

        return $parts === [] ? null : array_sum($parts);
    }

    private function partV(Arrangement $it, ?Material $material, ?ConductorSize $size, ?float $lengthFt): ?float
    {
        $amps = $it->generator->outletAmps;

        return $material === null || $size === null || $lengthFt === null || $amps === null
            ? null
            : VoltageDrop::along($material, $size, $lengthFt, $amps, SplitPhase::BETWEEN_LEGS_V)->dropV;
    }
}

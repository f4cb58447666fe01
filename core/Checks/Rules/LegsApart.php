<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\LegBalance;
use Underpin\Codebook\SplitPhase;

final class LegsApart implements Rule
{
    public function code(): Code
    {
        return Code::LegsUneven;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->atVolts(fn (int $volts): ?bool => $volts === SplitPhase::LEG_V ? false : $this->areApart($it));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'One leg works while the other idles.',
            'The fuller leg decides when the machine is full, and an uneven one runs rough.',
            'Move circuits from one leg to the other; never one half of a multiwire circuit alone.',
        );
    }

    private function areApart(Arrangement $it): ?bool
    {
        [$a, $b] = [$it->loads->aAmps, $it->loads->bAmps];
        $larger = $a === null || $b === null ? null : max($a, $b);
        $half = $it->generator->runW === null ? null : $it->generator->runW / SplitPhase::BETWEEN_LEGS_V * LegBalance::FROM_SHARE;

        return Fact::all(
            $larger === null ? null : Fact::over(abs($a - $b), LegBalance::MOST_PCT / 100 * $larger), Fact::over($larger, $half),
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\StandbyPlace;
use Underpin\Job\LocalRules;

final class OpeningNear implements Rule
{
    public function code(): Code
    {
        return Code::OpeningNear;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        $ft = $it->place->openingFt;

        return match ($it->place->isStandby) {
            true => Fact::under($ft, StandbyPlace::OPENINGS_FT),
            false => Fact::under($ft, LocalRules::LEAST_PORTABLE_FT),
            null => Fact::agreed(Fact::under($ft, StandbyPlace::OPENINGS_FT), Fact::under($ft, LocalRules::LEAST_PORTABLE_FT)),
        };
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            $it->place->openingFt === null ? 'The engine stands close to an opening.'
                : 'The engine stands '.number_format($it->place->openingFt, 1).' ft from an opening.',
            'Exhaust is drawn in through doors, windows and vents, closed ones too.',
            'A portable stands at least 20 ft from every opening, a standby at least 5 ft and as its label says; farther is '
                .'better, exhaust turned away.',
        );
    }
}

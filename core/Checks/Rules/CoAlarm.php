<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class CoAlarm implements Rule
{
    public function code(): Code
    {
        return Code::CoAlarm;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::not($it->place->coAlarm);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'There is no carbon monoxide alarm.',
            'Nobody smells it, and who sleeps does not wake.',
            'Alarms with a battery on every floor and near every bedroom, tested.',
        );
    }
}

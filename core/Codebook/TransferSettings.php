<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How an automatic switch is usually set, and what each setting is for. The manual of the switch comes first. Good practice. */
final class TransferSettings
{
    /** @return list<array{string, string, string}> setting, usual range, what it is for */
    public static function rows(): array
    {
        return [
            [
                'Utility is lost below', '80 to 85 % of its volts; some home switches 60 to 70 %',
                'A sag that motors do not stand counts as lost.',
            ],
            ['Utility is back above', '90 to 95 %; some 75 to 80 %', 'Higher than the other, so that it does not go to and fro.'],
            ['Start delay', '3 to 30 s', 'A short flicker must not start the engine; 30 s make sure that it is an outage.'],
            ['Warm-up', 'until 90 % volts and hertz, 5 to 30 s', 'A cold engine takes no load.'],
            [
                'Transfer', 'with the neutral position or in phase, where large motors run',
                'A motor that still turns meets a voltage out of step.',
            ],
            [
                'Return', 'after 5 to 30 min of steady utility; homes often seconds to minutes',
                'The first minutes of a repair often fail again.',
            ],
            ['Cool-down', '3 to 5 min without load', 'The turbo and the windings lose their heat while oil and air still move.'],
            ['Exercise', 'weekly, 5 to 20 min', 'It shows that it starts before it must; with load now and then, or it soots.'],
        ];
    }
}

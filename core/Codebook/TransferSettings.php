<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** How an automatic switch is usually set. The manual of the switch comes first. Good practice. */
final class TransferSettings
{
    public const LOST = 'lost_pct';

    public const BACK = 'back_pct';

    public const START = 'start_s';

    public const WARM_UP = 'warm_up_s';

    public const RETURN = 'return_min';

    public const COOL_DOWN = 'cool_down_min';

    public const EXERCISE = 'exercise_min';

    /** setting, what is usual and what it is for: the one that is no number */
    public const IN_PHASE = [
        'Transfer', 'with the neutral position or in phase, where large motors run',
        'A motor that still turns meets a voltage out of step.',
    ];

    /** @return list<TransferSetting> in the order in which they come to act */
    public static function all(): array
    {
        return [
            new TransferSetting(
                self::LOST, 'Utility is lost below', '%', [[60.0, 70.0], [80.0, 85.0]], 99,
                '80 to 85 % of its volts; some home switches 60 to 70 %', 'A sag that motors do not stand counts as lost.',
            ),
            new TransferSetting(
                self::BACK, 'Utility is back above', '%', [[75.0, 80.0], [90.0, 95.0]], 100, '90 to 95 %; some 75 to 80 %',
                'Higher than the other, so that it does not go to and fro.',
            ),
            new TransferSetting(
                self::START, 'Start delay', 's', [[3.0, 30.0]], 600, '3 to 30 s',
                'A short flicker must not start the engine; 30 s make sure that it is an outage.',
            ),
            new TransferSetting(
                self::WARM_UP, 'Warm-up', 's', [[5.0, 30.0]], 600, 'until 90 % volts and hertz, 5 to 30 s',
                'A cold engine takes no load.',
            ),
            new TransferSetting(
                self::RETURN, 'Return', 'min', [[0.1, 30.0]], 240,
                'after 5 to 30 min of steady utility; homes often seconds to minutes', 'The first minutes of a repair often fail again.',
            ),
            new TransferSetting(
                self::COOL_DOWN, 'Cool-down', 'min', [[3.0, 5.0]], 60, '3 to 5 min without load',
                'The turbo and the windings lose their heat while oil and air still move.',
            ),
            new TransferSetting(
                self::EXERCISE, 'Exercise, weekly', 'min', [[5.0, 20.0]], 120, '5 to 20 min',
                'It shows that it starts before it must; with load now and then, or it soots.',
            ),
        ];
    }
}

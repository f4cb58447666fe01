<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;

/** What else comes due when the service disconnect of a house is replaced. NEC 2023 230.67, 230.85. */
final class NewService
{
    public const EMERGENCY = 'Emergency disconnect';

    /** Of the switch that becomes the disconnect. */
    public static function disconnect(): Line
    {
        return new Line(
            self::EMERGENCY, 'outside, within reach, marked in white on red',
            'For a one- or two-family dwelling whose service is replaced. It names the other sources; opening it starts a standby, so '
                .'the sign says where that is stopped.',
            Source::nec('230.85, 702.7(A)'),
        );
    }

    /** @param  string  $switch  id of the switch that it protects behind */
    public static function surge(string $switch): Component
    {
        return new Component("surge:$switch", ComponentKind::Surge, 'Surge protector', task: Task::SurgeProtector, lines: [new Line(
            'Surge protector', 'type 1 or 2, in the service equipment or beside it',
            'For a dwelling whose service is replaced. Behind the switch it serves on both sources.', Source::nec('230.67'),
        )]);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\JobFile\JobFile;

/** Every way of connecting, judged on one job. */
final class Connections
{
    /** @return list<ConnectionVerdict> */
    public static function judged(JobFile $job): array
    {
        return array_map(fn (ConnectionOption $option): ConnectionVerdict => $option->judge($job), self::options());
    }

    public static function verdict(JobFile $job, ConnectionKind $kind): ConnectionVerdict
    {
        return match ($kind) {
            ConnectionKind::Interlock => (new InterlockOption)->judge($job),
            ConnectionKind::ManualSwitch => (new ManualSwitchOption)->judge($job),
            ConnectionKind::Cords => (new CordsOption)->judge($job),
        };
    }

    /** @return list<ConnectionOption> */
    private static function options(): array
    {
        return [new InterlockOption, new ManualSwitchOption, new CordsOption];
    }
}
